<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Path;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Stage\Stage;

/**
 * How a gym teaches binds everything that offers something to jump.
 */
final class WaysApiTest extends ApiTestCase
{
    public function testAGymChoosesAndAnAthleteIsTaughtOtherwise(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $gym = $this->send('GET', '/api/gym/ways');
        self::assertSame(['pattern', false, '3s d'], [
            self::way($gym['ways'], 'method')['answer'],
            self::way($gym['ways'], 'method')['chosenHere'],
            $this->send('GET', '/api/me')['gym']['usualPattern'],
        ]);
        $this->send('PATCH', '/api/gym/ways', ['method' => 'even-jump', 'arms' => 'long'], self::change($gym['version']));
        $this->assertStatus(200);
        self::assertSame(['rising', 'falling', 'pyramid', 'unbroken'], $this->send('GET', "/api/athletes/$athlete")['ladders']);
        $path = $this->send('GET', "/api/athletes/$athlete/path");
        self::assertSame(['even-jump', false], [
            self::way($path['ways'], 'method')['answer'],
            self::way($path['ways'], 'method')['chosenHere'],
        ]);
        self::assertNotContains('mix', array_column($path['stages'], 'stage'), 'nothing is mixed');
        $path = $this->send('PATCH', "/api/athletes/$athlete/ways", ['method' => 'same-jump'], self::change($path['version']));
        self::assertSame(['same-jump', true, '3S d'], [
            self::way($path['ways'], 'method')['answer'],
            self::way($path['ways'], 'method')['chosenHere'],
            $this->send('GET', "/api/athletes/$athlete")['usualPattern'],
        ]);
        self::assertSame('long', self::way($path['ways'], 'arms')['answer'], 'the rest as the gym does it');
        self::assertContains('mix', array_column($path['stages'], 'stage'));
        foreach (self::way($path['ways'], 'dose')['options'] as $option) {
            self::assertNotContains('', [$option['label'], $option['why'], $option['forWhom']]);
        }
        $this->send('PATCH', "/api/athletes/$athlete/ways", ['method' => 'sideways'], self::change($path['version']));
        $this->assertProblem('method');
        $path = $this->send('PATCH', "/api/athletes/$athlete/ways", [], self::change($path['version']));
        self::assertSame('even-jump', self::way($path['ways'], 'method')['answer'], 'as the gym does it, again');
    }

    /** Whatever is asked, at whatever stage: no answer offers a pattern that the method does not jump. */
    public function testWithEvenJumpsNoMixedPatternIsOfferedAnywhere(): void
    {
        $this->signInto();
        $this->send('PATCH', '/api/gym/ways', ['method' => 'even-jump'], self::change(1));
        $this->assertStatus(200);
        $athlete = $this->newAthlete();
        $version = 1;
        $seen = $cues = 0;
        foreach ([Stage::Snap, Stage::Mix, Stage::Link, Stage::Workout] as $stage) {
            $moved = $this->send('PATCH', "/api/athletes/$athlete/stage", ['stage' => $stage->value], self::change($version));
            $version = $moved['version'];
            foreach ([
                '/api/class',
                "/api/athletes/$athlete/today",
                "/api/athletes/$athlete/path",
                "/api/athletes/$athlete",
                "/api/drills?athleteId=$athlete",
                '/api/drills',
                '/api/me',
                "/api/athletes/$athlete/ladder?family=rising&top=5",
                "/api/athletes/$athlete/ladder?family=pyramid&top=5",
            ] as $asked) {
                $answer = $this->send('GET', $asked);
                $this->assertStatus(200);
                foreach (self::patterns($answer) as $pattern) {
                    self::assertTrue(Method::EvenJump->allows(Pattern::parse($pattern)), "$asked at {$stage->value}: $pattern");
                    ++$seen;
                }
            }
            foreach (['falling-singles', 'fixed-singles'] as $family) {
                $this->send('GET', "/api/athletes/$athlete/ladder?family=$family");
                $this->assertProblem('family');
            }
            foreach (Stage::Link === $stage ? Sign::cases() : [] as $sign) {
                $cue = $this->send('GET', "/api/athletes/$athlete/diagnosis?signs={$sign->value}")['cue'];
                // The rope or the load: no cue, no drill.
                if (null === $cue) {
                    continue;
                }
                ++$cues;
                self::assertArrayNotHasKey($cue['drillCode'], ['one-double-stop' => 1, 'double-and-calm-step' => 1]);
                self::assertStringNotContainsStringIgnoringCase('at Mix', $cue['stepBack']['sentence'] ?? '');
            }
        }
        self::assertGreaterThan(200, $seen);
        self::assertGreaterThan(50, $cues);
    }

    public function testANewcomerWhoLinksAFewBeginsAtLinkWhereNothingIsMixed(): void
    {
        $this->signInto();
        $this->send('PATCH', '/api/gym/ways', ['method' => 'even-jump'], self::change(1));
        $athlete = $this->newAthlete();
        $placed = $this->send('PUT', '/api/placements/'.self::id(), [
            'athleteId' => $athlete, 'halts' => 0, 'rope' => 'quiet', 'misses' => 0, 'best' => 5,
        ]);
        $this->assertStatus(201);
        self::assertSame('link', $placed['stage']);
        $path = $this->send('GET', "/api/athletes/$athlete/path");
        self::assertSame(['link', true], [$path['stage'], $path['provisional']]);
        $this->send('PATCH', "/api/athletes/$athlete/stage", ['stage' => 'link'], self::change($path['version']));
        self::assertFalse($this->send('GET', "/api/athletes/$athlete/path")['provisional'], 'a coach has confirmed it');
    }

    public function testPracticeConfirmsAPlacement(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $this->send('PUT', '/api/placements/'.self::id(), [
            'athleteId' => $athlete, 'halts' => 0, 'rope' => 'quiet', 'misses' => 1, 'tall' => 2, 'doubles' => 1,
        ]);
        $provisional = fn (): bool => $this->send('GET', "/api/athletes/$athlete/path")['provisional'];
        for ($i = 0; $i < 5; ++$i) {
            self::assertTrue($provisional());
            $this->send('PUT', '/api/attempts/'.self::id(), [
                'athleteId' => $athlete, 'drill' => 'quick-and-tall', 'kind' => 'streak', 'reps' => 12 + $i, 'end' => 'miss',
            ]);
            $this->assertStatus(201);
        }
        self::assertFalse($provisional());
    }

    public function testWhatIsAFaultFollowsTheSchool(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $first = fn (string $signs): string => $this->send('GET', "/api/athletes/$athlete/diagnosis?signs=$signs")['ranked'][0]['fault'];
        self::assertSame('knee-tuck', $first('knees-up'));
        $this->send('PATCH', '/api/gym/ways', ['height' => 'high', 'arms' => 'long'], self::change(1));
        self::assertNotSame('knee-tuck', $first('knees-up,uneven-beat'), 'lifted knees are taught here');
        $high = $this->send('GET', "/api/athletes/$athlete/diagnosis?signs=hands-above-waist")['cue'];
        self::assertSame('long arms, hands at your thighs', $high['cue']);
        self::assertFalse($this->send('GET', "/api/athletes/$athlete/today")['silent']);
        $this->send('PATCH', '/api/gym/ways', ['sound' => 'silence'], self::change(2));
        self::assertTrue($this->send('GET', "/api/athletes/$athlete/today")['silent'], 'no click is offered');
    }

    public function testOwnersChooseForTheGym(): void
    {
        $this->signInto(role: Role::Coach);
        $this->send('PATCH', '/api/gym/ways', ['method' => 'even-jump'], self::change(1));
        $this->assertStatus(403);
    }

    /**
     * @param list<array<string, mixed>> $ways
     *
     * @return array<string, mixed>
     */
    private static function way(array $ways, string $question): array
    {
        return array_column($ways, null, 'question')[$question];
    }

    /**
     * @return list<string>
     */
    private static function patterns(mixed $answer): array
    {
        $found = [];
        foreach (\is_array($answer) ? $answer : [] as $key => $value) {
            $found = \is_string($value) && \in_array($key, ['notation', 'usualPattern'], true)
                ? [...$found, $value]
                : [...$found, ...self::patterns($value)];
        }

        return $found;
    }
}
