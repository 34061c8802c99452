<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Story;

use Zumbo\App\Entity\Gym\Role;

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
}
