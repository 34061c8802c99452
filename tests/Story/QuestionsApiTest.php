<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Story;

/**
 * What a coach asks of months: the class on the path, and the question box.
 */
final class QuestionsApiTest extends StoryTestCase
{
    public function testEveryQuestionAnswersOfAnEmptyGym(): void
    {
        $this->signInto();
        $questions = $this->send('GET', '/api/questions');
        self::assertCount(12, $questions);
        foreach ($questions as ['question' => $question, 'asked' => $asked]) {
            $answer = $this->send('GET', '/api/questions/'.$question);
            $this->assertStatus(200);
            self::assertSame([$asked, []], [$answer['asked'], $answer['rows']]);
            self::assertStringEndsWith('.', $answer['answer']['sentence']);
        }
        $this->send('GET', '/api/questions/weather');
        $this->assertStatus(404);
        self::assertSame('story.gym_none', $this->send('GET', '/api/class-story')['told']['code']);
    }

    public function testTellsWhoMovesWhoIsStuckAndWhoIsAway(): void
    {
        $this->signInto();
        [$stuck, $away, $new] = [$this->someone('Ilse Tannow'), $this->someone('Bram Holtwick'), $this->someone('Yara Benning')];
        $this->goes($stuck, [70, 66, 60, 54, 46, 40, 33, 26, 22, 18, 14, 10, 6, 2], 4, 2);
        $this->goes($away, [60, 50, 40], 6, 2);
        $this->goes($new, [3, 1], 6, 2);
        $story = $this->send('GET', '/api/class-story');
        self::assertSame(
            [['Ilse Tannow', 'stuck'], ['Bram Holtwick', 'away'], ['Yara Benning', 'open']],
            array_map(static fn (array $row): array => [$row['name'], $row['moving']], $story['rows']),
        );
        self::assertSame('Nobody of 3 athletes moves on, one is stuck, one is away.', $story['told']['sentence']);
        $this->assertAnswer('stuck', ['Ilse Tannow'], 'Ilse has practised for weeks and is no nearer.');
        $this->assertAnswer('away', ['Bram Holtwick'], 'Bram has not practised for two weeks or more.');
        $this->assertAnswer('most', ['Yara Benning', 'Ilse Tannow'], null);
    }

    public function testFindsWhoIsReadyWhoNeedsAnEasierWeekAndWhoIsOff(): void
    {
        $this->signInto();
        [$ready, $loaded, $off] = [$this->someone('Ilse Tannow'), $this->someone('Bram Holtwick'), $this->someone('Yara Benning')];
        $this->goes($ready, [16, 13, 10, 7, 3], 120, 2);
        $this->goes($loaded, [(int) gmdate('N') + 6], 30);
        $this->sumToday($loaded, 700);
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $off, 'caution' => 'pain', 'place' => 'shin', 'degree' => 4]);
        $this->assertAnswer('ready', ['Ilse Tannow'], 'Ilse is ready for the next stage.');
        $this->assertAnswer('linked', [], null);
        $this->assertAnswer('easier', ['Bram Holtwick'], 'Bram needs an easier week.');
        $said = $this->assertAnswer('off', ['Bram Holtwick', 'Yara Benning'], 'Bram and Yara may not jump today.');
        self::assertStringContainsString('Enough for today', $said[0]);
        self::assertStringContainsString('shin', $said[1]);
    }

    public function testFindsNewBestsOwnCountsAndMissesAfterATrim(): void
    {
        $gym = $this->signInto();
        [$best, $own, $trimmed] = [$this->someone('Ilse Tannow'), $this->someone('Bram Holtwick'), $this->someone('Yara Benning')];
        $this->goes($best, [60, 50], 9);
        $this->goes($best, [5], 19);
        $card = self::id();
        $secret = str_repeat('s', 22);
        $this->send('PUT', '/api/own-cards/'.$card, ['athleteId' => $own, 'secret' => $secret]);
        $this->send('POST', '/api/card/entries', [
            'link' => ['gym' => $gym->toRfc4122(), 'card' => $card, 'secret' => $secret],
            'entry' => ['id' => self::id(), 'drill' => 'rungs', 'kind' => 'sum', 'reps' => 9, 'at' => self::ago(1)],
        ]);
        $this->signInto($gym);
        $rope = ['school' => 'armpit', 'stance' => null, 'handle' => '15', 'family' => 'thick-cord'];
        $this->send('PUT', '/api/ropes/'.self::id(), ['athleteId' => $this->knowHandles($trimmed)] + $rope);
        $this->ageRopes($gym, 60, 2.7);
        $this->goes($trimmed, [40, 36, 32], 40);
        $this->send('PUT', '/api/ropes/'.self::id(), ['athleteId' => $trimmed] + $rope);
        $this->ageRopes($gym, 20);
        $this->goes($trimmed, [12, 8, 4], 4, 8);
        $this->assertAnswer('record', ['Ilse Tannow'], 'Ilse has a new best within four weeks.');
        $this->assertAnswer('self', ['Bram Holtwick'], 'Bram counts on their own card.');
        $this->assertAnswer('trimmed', ['Yara Benning'], 'Yara has more misses since the rope was made shorter.');
    }

    public function testNamesACueOnlyWhereItClearlyHelpsMore(): void
    {
        $this->signInto();
        foreach (['hands-wide' => 16, 'slow-spin' => 3, 'pike' => 3] as $fault => $better) {
            $focus = self::id();
            $this->send('PUT', '/api/focuses/'.$focus, ['athleteId' => $this->someone('Ilse '.$fault), 'fault' => $fault]);
            $this->assertStatus(201);
            for ($i = 0; $i < 20; ++$i) {
                $this->send('PUT', '/api/goes/'.self::id(), ['focusId' => $focus, 'outcome' => $i < $better ? 'better' : 'same']);
            }
            if ('hands-wide' === $fault) {
                $alone = $this->send('GET', '/api/questions/cue')['answer']['code'];
                self::assertSame('story.helps_none', $alone, 'nothing to be better than');
            }
        }
        $cues = $this->send('GET', '/api/questions/cue?');
        self::assertSame('story.helps', $cues['answer']['code']);
        self::assertCount(3, $cues['rows']);
        self::assertTrue($this->send('GET', '/api/class-story')['helps'][0]['standsOut']);
    }

    public function testNamesADrillOnlyWhereTheEveningsAfterItClearlyMissLess(): void
    {
        $this->signInto();
        $class = fn (string $again): array => $this->send('GET', '/api/class-story?'.$again);
        self::assertSame('story.drills_none', $class('')['drillsSaid']['code']);
        foreach (['Ilse Tannow', 'Bram Holtwick', 'Yara Benning'] as $name) {
            $athlete = $this->someone($name);
            // Every other evening the drill, and the evening after it is the better one.
            for ($day = 60; $day > 0; $day -= 2) {
                $after = 0 === $day % 4;
                $this->sum($athlete, $day, 'rungs', $after ? 95 : 80, $after ? 5 : 20);
                $this->sum($athlete, $day, $after ? 'fifty-calm' : 'tall-then-double', 20, 0);
            }
        }
        $story = $class('again');
        self::assertSame('story.drills', $story['drillsSaid']['code']);
        $marked = array_values(array_filter($story['drills'], static fn (array $one): bool => $one['standsOut']));
        self::assertCount(1, $marked);
        self::assertGreaterThan(0.8, $marked[0]['share']);
        self::assertStringContainsString('tall', strtolower($marked[0]['cue']));
        self::assertStringContainsString($marked[0]['cue'], $story['drillsSaid']['sentence']);
    }

    private function sum(string $athlete, int $daysAgo, string $drill, int $reps, int $misses): void
    {
        $entry = ['athleteId' => $athlete, 'drill' => $drill, 'kind' => 'sum', 'reps' => $reps, 'misses' => $misses];
        $this->send('PUT', '/api/attempts/'.self::id(), $entry + ['at' => self::ago($daysAgo)]);
        $this->assertStatus(201);
    }

    /**
     * @param list<string> $names
     *
     * @return list<string> what is said of each
     */
    private function assertAnswer(string $question, array $names, ?string $sentence): array
    {
        $answer = $this->send('GET', '/api/questions/'.$question);
        $this->assertStatus(200);
        self::assertSame($names, array_column($answer['rows'], 'name'), $question);
        if (null !== $sentence) {
            self::assertSame($sentence, $answer['answer']['sentence']);
        }

        return array_column($answer['rows'], 'said');
    }
}
