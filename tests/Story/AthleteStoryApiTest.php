<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Story;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\Core\Drill\DrillTable;

/**
 * Months of one athlete.
 */
final class AthleteStoryApiTest extends StoryTestCase
{
    public function testBeginsWithTheFirstEntry(): void
    {
        $this->signInto();
        $story = $this->send('GET', '/api/athletes/'.$this->someone('Ilse Tannow').'/story');
        $this->assertStatus(200);
        self::assertSame(['story.none'], array_column($story['told'], 'code'));
        self::assertSame([[], [], []], [$story['sessions'], $story['curves'], $story['weeks']]);
        self::assertSame('story.curve_none', $story['curvesSaid']['code']);
        self::assertSame('story.load_none', $story['weeksSaid']['code']);
    }

    public function testTellsGoesRopesPainAndPausesOnOneAxis(): void
    {
        $gym = $this->signInto();
        $id = $this->knowHandles($this->someone('Ilse Tannow'));
        $this->goes($id, [100, 98, 96, 94], 4);
        $this->goes($id, [20, 18, 6, 3], 22);
        $this->send('PUT', '/api/cautions/'.self::id(), ['athleteId' => $id, 'caution' => 'pain', 'place' => 'shin', 'degree' => 4]);
        $rope = ['athleteId' => $id, 'stance' => null, 'handle' => '15', 'family' => 'thick-cord'];
        $this->send('PUT', '/api/ropes/'.self::id(), $rope + ['school' => 'armpit']);
        $this->assertStatus(201);
        $this->ageRopes($gym, 60, 2.6);
        $this->send('PUT', '/api/ropes/'.self::id(), $rope + ['school' => 'armpit']);
        $story = $this->send('GET', "/api/athletes/$id/story");
        self::assertStringContainsString('The longest go of doubles at Link went from 6 to 24.', $story['told'][1]['sentence']);
        self::assertStringContainsString('pain noted once, one pause', $story['told'][0]['sentence']);
        $kinds = array_count_values(array_column($story['events'], 'kind'));
        self::assertSame([1, 2, 1, 1, 1], [$kinds['stage'], $kinds['rope'], $kinds['height'], $kinds['pain'], $kinds['pause']]);
        $texts = implode('|', array_column($story['events'], 'text'));
        self::assertStringContainsString('73 days without a practice', $texts);
        self::assertStringContainsString('Pain, shin, 4 of 10', $texts);
        self::assertMatchesRegularExpression('/\d+ cm shorter: \d+ cm of cable/', $texts);
        self::assertCount(8, $story['sessions']);
        self::assertSame([6, true], [$story['sessions'][0]['best'], $story['sessions'][0]['doubles']]);
        self::assertSame([24], array_column($story['records'], 'best'));
    }

    public function testSaysThatGoesReachFurtherOnlyWhereTheBandsPart(): void
    {
        $this->signInto();
        [$better, $same] = [$this->someone('Ilse Tannow'), $this->someone('Bram Holtwick')];
        $this->goes($better, [100, 95, 90], 3, 4);
        $this->goes($better, [20, 12, 4], 26, 4);
        $this->goes($same, [100, 90], 18, 2);
        $this->goes($same, [12, 4], 21, 2);
        $curves = $this->send('GET', "/api/athletes/$better/story");
        self::assertSame([0, 12], array_column($curves['curves'], 'weeksAgo'));
        self::assertSame([12, 12], array_column($curves['curves'], 'goes'));
        self::assertSame('story.curve_better', $curves['curvesSaid']['code']);
        $open = $this->send('GET', "/api/athletes/$same/story?");
        self::assertSame('story.curve_open', $open['curvesSaid']['code'], $open['curvesSaid']['sentence']);
    }

    public function testNeverSaysThatNoneReachesWhatNobodyWasLetTry(): void
    {
        $this->signInto();
        $id = $this->someone('Ilse Tannow');
        foreach ([9, 6, 3] as $day) {
            $this->go($id, $day, 10, 'stopped');
        }
        $story = $this->send('GET', "/api/athletes/$id/story");
        self::assertSame('Of ten goes of doubles about 10 reach 10, from 3 goes.', $story['curvesSaid']['sentence']);
    }

    public function testKeepsTheBeatOfTakesAndTellsFromWhenItWasAnother(): void
    {
        $this->signInto();
        $id = $this->someone('Ilse Tannow');
        self::assertSame('story.beat_none', $this->send('GET', "/api/athletes/$id/story")['beatsSaid'][0]['code']);
        foreach ([96, 97, 95, 96, 108, 107, 109, 108] as $i => $cadence) {
            $this->take($id, 40 - 4 * $i, $cadence, 0.03);
        }
        $story = $this->send('GET', "/api/athletes/$id/story?");
        $asked = DrillTable::named('rungs')->cadence;
        self::assertEquals([96, 97, 95, 96, 108, 107, 109, 108], array_column($story['beats'], 'cadence'));
        self::assertSame(
            \sprintf(
                'The beat of doubles lately: about 108 jumps a minute, %d %s what the drill asks, 3 %% off from jump to jump (8 takes).',
                abs(108 - $asked),
                $asked < 108 ? 'above' : 'below',
            ),
            $story['beatsSaid'][0]['sentence'],
        );
        self::assertSame(
            \sprintf('Quicker since %s: by about 12 a minute, against what the drills ask.', gmdate('j F Y', time() - 24 * 86_400)),
            $story['beatsSaid'][1]['sentence'],
        );
        self::assertEqualsWithDelta(108 - $asked, $story['beats'][7]['line'], 3);
        $this->take($id, 1, null, 0.03);
        $this->assertProblem('cadencePerMin', 'jumps a minute, beside the variation');
        $this->take($id, 1, 104, null);
        $this->assertProblem('variation', 'a share of the interval, beside the cadence');
        $this->take($id, 1, 9, 0.1);
        $this->assertProblem('cadencePerMin', '20');
    }

    public function testTakesOfSinglesAreNotBesideThoseOfDoubles(): void
    {
        $this->signInto();
        $id = $this->someone('Ilse Tannow', ['experience' => 'none']);
        $this->send('PATCH', "/api/athletes/$id/stage", ['stage' => 'singles'], self::change(2));
        $this->assertStatus(200);
        $this->take($id, 3, 130, 0.05);
        $this->send('PATCH', "/api/athletes/$id/stage", ['stage' => 'link'], self::change(3));
        self::assertSame([], $this->send('GET', "/api/athletes/$id/story")['beats']);
    }

    public function testEffortTimesMinutesWarnsAndTheAthletesOwnWordComesFirst(): void
    {
        $gym = $this->signInto();
        $id = $this->someone('Ilse Tannow');
        self::assertSame('story.effort_none', $this->send('GET', "/api/athletes/$id/story")['effortSaid']['code']);
        $monday = strtotime('monday this week', time());
        $this->effort($id, gmdate('Y-m-d', $monday - 14 * 86_400), 5, 60);
        $today = $this->effort($id, gmdate('Y-m-d'), 9, 60);
        $story = $this->send('GET', "/api/athletes/$id/story?");
        self::assertSame([300, 0, 540], array_column($story['effortWeeks'], 'load'));
        self::assertSame([null, 330, 330], array_column($story['effortWeeks'], 'most'));
        self::assertSame([false, false, true], array_column($story['effortWeeks'], 'over'));
        self::assertSame('story.effort_over', $story['effortSaid']['code']);
        self::assertSame([9, 5], array_column($story['efforts'], 'effort'));
        $own = ['gym' => $gym->toRfc4122(), 'card' => self::id(), 'secret' => str_repeat('k', 22)];
        $this->send('PUT', '/api/own-cards/'.$own['card'], ['athleteId' => $id, 'secret' => $own['secret']]);
        foreach ([4, 3] as $effort) {
            $said = ['link' => $own, 'id' => self::id(), 'effort' => $effort, 'minutes' => 50, 'at' => gmdate('Y-m-d\TH:i:s\Z')];
            $this->send('POST', '/api/card/effort', $said);
            $this->assertStatus(200);
        }
        $story = $this->send('GET', "/api/athletes/$id/story?own");
        self::assertSame(150, $story['effortWeeks'][2]['load'], 'their last word, not the coach\'s');
        self::assertSame('story.effort', $story['effortSaid']['code']);
        self::assertSame(['effort' => 3, 'minutes' => 50], $this->send('POST', '/api/card', $own)['effort']);
        $gone = $this->send('DELETE', '/api/session-efforts/'.$today, null, self::change(1));
        self::assertTrue($gone['removed']);
        self::assertSame([3, 5], array_column($this->send('GET', "/api/athletes/$id/story?gone")['efforts'], 'effort'));
        $this->send('POST', "/api/session-efforts/$today/restore", null, self::change(1));
        $this->assertStatus(409);
        self::assertFalse($this->send('POST', "/api/session-efforts/$today/restore", null, self::change(2))['removed']);
    }

    public function testAnEffortThatCannotBeIsRefused(): void
    {
        $this->signInto();
        $said = ['athleteId' => $this->someone('Ilse Tannow'), 'on' => gmdate('Y-m-d'), 'effort' => 5, 'minutes' => 45];
        $tomorrow = gmdate('Y-m-d', time() + 2 * 86_400);
        $wrong = [['effort', 11, '10'], ['minutes', 0, '1'], ['on', $tomorrow, 'a day up to today'], ['on', 'soon', '']];
        foreach ($wrong as [$field, $value, $says]) {
            $this->send('PUT', '/api/session-efforts/'.self::id(), [$field => $value] + $said);
            $this->assertProblem($field, $says);
        }
    }

    public function testMarksAWeekThatRoseTooFast(): void
    {
        $this->signInto();
        $id = $this->someone('Ilse Tannow');
        $monday = (int) gmdate('N') - 1;
        foreach ([21, 14, 7] as $back) {
            $this->goes($id, [$monday + $back], 60);
        }
        $this->sumToday($id, 900);
        $story = $this->send('GET', "/api/athletes/$id/story");
        self::assertSame('story.load_over', $story['weeksSaid']['code']);
        self::assertSame([false, false, false, true], array_column($story['weeks'], 'over'));
    }

    public function testCountsWhichCueHelped(): void
    {
        $this->signInto();
        $id = $this->someone('Ilse Tannow');
        $focus = self::id();
        $this->send('PUT', '/api/focuses/'.$focus, ['athleteId' => $id, 'fault' => 'hands-wide']);
        foreach (['better', 'better', 'same'] as $outcome) {
            $this->send('PUT', '/api/goes/'.self::id(), ['focusId' => $focus, 'outcome' => $outcome]);
        }
        $story = $this->send('GET', "/api/athletes/$id/story");
        self::assertSame([3, 2], [$story['cues'][0]['goes'], $story['cues'][0]['better']]);
        self::assertStringContainsString('better in 2 of 3 goes', $story['cuesSaid']['sentence']);
    }

    public function testHelpersReadNoHealth(): void
    {
        $gym = $this->signInto();
        $id = $this->someone('Ilse Tannow');
        $this->signInto($gym, Role::Helper);
        $this->send('GET', "/api/athletes/$id/story");
        $this->assertStatus(403);
    }

    private function take(string $athlete, int $daysAgo, ?float $cadence, ?float $variation): void
    {
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $athlete,
            'drill' => 'rungs',
            'kind' => 'sum',
            'reps' => 20,
            'at' => self::ago($daysAgo),
            'cadencePerMin' => $cadence,
            'variation' => $variation,
        ]);
    }

    private function effort(string $athlete, string $day, int $effort, int $minutes): string
    {
        $id = self::id();
        $said = ['athleteId' => $athlete, 'on' => $day, 'effort' => $effort, 'minutes' => $minutes];
        $this->send('PUT', '/api/session-efforts/'.$id, $said);
        $this->assertStatus(201);

        return $id;
    }
}
