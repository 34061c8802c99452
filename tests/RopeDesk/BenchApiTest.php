<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\RopeDesk;

use PHPUnit\Framework\Attributes\DataProvider;
use Zumbo\App\Tests\ApiTestCase;

/**
 * What is computed on the bench: hands that move, ropes that are there, ropes for two.
 */
final class BenchApiTest extends ApiTestCase
{
    public function testMovedHandsMoveTheArc(): void
    {
        $this->signInto();
        $path = '/api/athletes/'.$this->newAthlete().'/arc?cable=244';
        $usual = $this->send('GET', $path);
        $this->assertStatus(200);
        self::assertSame([0.45, 0.924], [$usual['hands']['leftOutM'], round($usual['hands']['rightHeightM'], 6)]);
        self::assertCount(61, $usual['arc']['under']);
        self::assertEqualsWithDelta(
            [-0.55, 0.55],
            [$usual['wideUnder'][0]['xM'], $usual['wideUnder'][60]['xM']],
            1e-9,
            'both hands drift',
        );
        $wide = $this->send('GET', $path.'&leftOutM=0.55&rightOutM=0.55');
        self::assertEqualsWithDelta(
            $usual['riseM'],
            $wide['floorClearanceM'] - $usual['floorClearanceM'],
            1e-9,
            'ten centimetres wider cost what was foretold',
        );
        $uneven = $this->send('GET', $path.'&leftHeightM=0.9&rightHeightM=1.1');
        self::assertSame([-0.45, 0.9], [$uneven['arc']['under'][0]['xM'], $uneven['arc']['under'][0]['yM']]);
        self::assertStringContainsString('one hand 20 cm higher', $uneven['unevenHands']['sentence']);
        self::assertGreaterThan(
            $usual['side']['meetsAheadM'],
            $this->send('GET', $path.'&aheadM=0.4')['side']['meetsAheadM'],
        );
        self::assertStringContainsString('ahead of the toes', $usual['side']['meets']['sentence']);
    }

    #[DataProvider('badHands')]
    public function testHandsThatNobodyHasAreNamed(string $query, string $field): void
    {
        $this->signInto();
        $this->send('GET', '/api/athletes/'.$this->newAthlete().'/arc?'.$query);
        $this->assertProblem($field);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badHands(): iterable
    {
        yield 'no cable' => ['', 'cable'];
        yield 'a negative cable' => ['cable=-244', 'cable'];
        yield 'a hand behind the back' => ['cable=244&leftOutM=-0.4', 'leftOutM'];
        yield 'a word' => ['cable=244&leftOutM=far', 'leftOutM'];
        yield 'on the ceiling' => ['cable=244&rightHeightM=4', 'rightHeightM'];
        yield 'further apart than the cable' => ['cable=150&leftOutM=1.1&rightOutM=1.1', 'cable'];
    }

    public function testTheMethodsKeepTheirPlacesWhateverTheHandles(): void
    {
        $this->signInto();
        $path = '/api/athletes/'.$this->newAthlete().'/sizing';
        $places = fn (string $query): array => array_column($this->send('GET', $path.$query)['schools'], 'school');
        $usual = $places('?handle=15+cm');
        $cables = array_column($this->send('GET', $path.'?handle=15+cm')['schools'], 'cableLengthM');
        $sorted = $cables;
        sort($sorted);
        self::assertSame($sorted, $cables, 'the shortest cable first');
        foreach (['', '?handle=12+cm', '?handle=20+cm', '?handle=30+cm'] as $query) {
            self::assertSame($usual, $places($query), $query);
        }
    }

    public function testATapedLandmarkWinsAndSaysSo(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $view = $this->send('PATCH', '/api/athletes/'.$id.'/measures', ['armpit' => '131'], self::change(1));
        $this->assertStatus(200);
        self::assertSame([1.31, null], [$view['taped']['armpitM'], $view['taped']['chestM']]);
        $sizing = $this->send('GET', '/api/athletes/'.$id.'/sizing?handle=15');
        $armpit = $sizing['schools'][array_search('armpit', array_column($sizing['schools'], 'school'), true)];
        self::assertTrue($armpit['taped']);
        self::assertEqualsWithDelta(2 * 1.31 + 0.19 - 0.3, $armpit['cableLengthM'], 1e-9);
        self::assertEqualsWithDelta(0.02, $armpit['uncertaintyM'], 1e-9);
        self::assertStringContainsString('the armpit is taped at 131 cm', $sizing['reasons'][0]['sentence']);
        $this->send('PATCH', '/api/athletes/'.$id, self::athlete(['height' => '173']), self::change(2));
        self::assertNull(
            $this->send('GET', '/api/athletes/'.$id)['taped']['armpitM'],
            'who has grown is taped again',
        );
    }

    /**
     * A child of 13 is measured every three months (common practice): the athlete's page and Class say when it is due.
     */
    public function testWhoGrowsIsToBeMeasuredAgain(): void
    {
        $gym = $this->signInto();
        $id = self::id();
        $this->send(
            'PUT',
            '/api/athletes/'.$id,
            self::athlete(['birthYear' => (int) date('Y') - 13, 'guardianConsent' => true]),
        );
        self::assertNull($this->send('GET', '/api/athletes/'.$id)['measureAgain']);
        self::connection()->executeStatement(
            'UPDATE stature SET read_on = read_on - INTERVAL 4 MONTH WHERE gym_id = ?',
            [$gym->toBinary()],
        );
        self::recount($gym);
        self::assertSame(
            'Measured 4 months ago: at this age every 3 months.',
            $this->send('GET', '/api/athletes')[0]['measureAgain']['sentence'],
        );
        self::assertSame('growth.measure_again', $this->send('GET', '/api/class')['athletes'][0]['beforeJumping']['code']);
        self::assertSame(
            date('Y-m-d', (int) strtotime('-4 months +3 months')),
            $this->send('GET', '/api/athletes/'.$id)['measureNextOn'],
        );
    }

    public function testGrowthIsToldInTheGymsUnit(): void
    {
        $gym = $this->signInto($this->newGym('ft-in'));
        $id = $this->newAthlete();
        $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $id,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ]);
        self::connection()->executeStatement('UPDATE stature SET stature_m = 1.5748 WHERE gym_id = ?', [
            $gym->toBinary(),
        ]);
        self::connection()->executeStatement('UPDATE rope SET cable_length_m = 2.30 WHERE gym_id = ?', [
            $gym->toBinary(),
        ]);
        foreach ([
            $this->send('GET', '/api/athletes/'.$id)['ropeVerdict']['reasons'][0],
            $this->send('GET', '/api/class')['athletes'][0]['beforeJumping'],
            $this->send('GET', "/api/athletes/$id/trim")['verdict']['reasons'][0],
            $this->send('GET', "/api/athletes/$id/sizing")['verdict']['reasons'][0],
        ] as $said) {
            self::assertStringStartsWith('Outgrown: sized at 5\'2", now 5\'6"', $said['sentence']);
        }
    }

    public function testHandsMayGoAsFarAsTheBenchSays(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        $limits = $this->send('GET', '/api/athletes/'.$id.'/sizing')['handLimits'];
        $path = '/api/athletes/'.$id.'/arc?cable=500';
        $this->send(
            'GET',
            $path.
                '&leftOutM='.
                $limits['mostOutM'].
                '&leftHeightM='.
                $limits['mostHeightM'].
                '&aheadM='.
                $limits['leastAheadM'],
        );
        $this->assertStatus(200);
        $this->send('GET', $path.'&leftOutM='.($limits['mostOutM'] + 0.01));
        $this->assertProblem('leftOutM');
        $this->send('GET', $path.'&aheadM='.($limits['leastAheadM'] - 0.01));
        $this->assertProblem('aheadM');
    }

    public function testATapeOverTheHeadIsRefused(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        foreach (['190', '20', 'high'] as $typed) {
            $this->send('PATCH', '/api/athletes/'.$id.'/measures', ['chest' => $typed], self::change(1));
            $this->assertProblem('chest');
        }
    }

    public function testTheTrimSchoolIsTheGymsUnlessTheAthleteHasAnother(): void
    {
        $this->signInto();
        $id = $this->newAthlete();
        self::assertSame(['armpit', 'start-long'], $this->recommended($id));
        $gym = $this->send('PATCH', '/api/gym', ['trimSchool' => 'goal-length'], self::change(1));
        $this->assertStatus(200);
        self::assertSame(['goal-length', 2], [$gym['trimSchool'], $gym['version']]);
        self::assertSame(['armpit', 'goal-length'], $this->recommended($id));
        $this->send(
            'PATCH',
            '/api/gym',
            ['trimSchool' => 'goal-length', 'beginnersSchool' => 'below-chest'],
            self::change(2),
        );
        self::assertSame(['below-chest', 'goal-length'], $this->recommended($id));
        $this->send(
            'PATCH',
            '/api/athletes/'.$id.'/measures',
            ['trimSchool' => 'start-long', 'school' => 'chest'],
            self::change(1),
        );
        self::assertSame(['chest', 'start-long'], $this->recommended($id));
        $this->send('PATCH', '/api/gym', ['trimSchool' => 'longer'], self::change(3));
        $this->assertProblem('trimSchool');
    }

    public function testARopeThatIsThereIsJudgedByWhereItReaches(): void
    {
        $this->signInto();
        $path = '/api/athletes/'.$this->knowHandles($this->newAthlete()).'/fit';
        self::assertNull($this->send('GET', $path)['verdict']);
        self::assertCount(7, $this->send('GET', '/api/rope-terms')['inspection']);
        $state = fn (string $query): string => $this->send('GET', $path.$query)['verdict']['state'];
        self::assertSame('too-short', $state('?reaches=waist&stance=two-feet'));
        self::assertSame('right', $state('?reaches=armpit&stance=two-feet'));
        self::assertSame('on-its-way', $state('?reaches=shoulder&stance=two-feet'));
        self::assertSame('too-long', $state('?reaches=above&stance=two-feet'));
        self::assertSame('unknown', $state('?reaches=armpit'), 'no verdict without a stance');
        $long = $this->send('GET', $path.'?cable=280&stance=two-feet');
        self::assertEqualsWithDelta(2.8 - $long['verdict']['goalM'], $long['verdict']['offByM'], 1e-9);
        self::assertSame(['fit.lags', 'fit.lands_in_front'], array_column($long['effects'], 'code'));
        foreach (
            [
                'reaches=knee' => 'reaches',
                'cable=-1' => 'cable',
                'reaches=armpit&cable=240' => 'reaches',
                'handle=90&cable=240' => 'handle',
            ] as $query => $field
        ) {
            $this->send('GET', $path.'?'.$query);
            $this->assertProblem($field);
        }
    }

    public function testRopesForTwoAndForAPairOfTurners(): void
    {
        $this->signInto();
        [$one, $other, $third] = [$this->newAthlete(), $this->newAthlete(), $this->newAthlete()];
        $two = $this->send('GET', "/api/shared-ropes?one=$one&other=$other");
        $this->assertStatus(200);
        self::assertGreaterThan(2.44, $two['faceToFaceM']);
        self::assertNull($two['turnedM']);
        $turned = $this->send('GET', "/api/shared-ropes?one=$one&other=$other&jumper=$third&apart=2%20m");
        self::assertGreaterThanOrEqual(3.6576, $turned['turnedM']);
        foreach (
            [
                "one=$one&other=$one" => 'other',
                "one=$one&other=".self::id() => 'other',
                "one=$one&other=$other&jumper=$third&apart=20%20m" => 'apart',
            ] as $query => $field
        ) {
            $this->send('GET', '/api/shared-ropes?'.$query);
            $this->assertProblem($field);
        }
    }

    /**
     * @return array{string, string}
     */
    private function recommended(string $athlete): array
    {
        $sizing = $this->send('GET', '/api/athletes/'.$athlete.'/sizing');

        return [$sizing['recommended'], $sizing['trimSchool']];
    }
}
