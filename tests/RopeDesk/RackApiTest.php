<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\RopeDesk;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

final class RackApiTest extends ApiTestCase
{
    public function testSharedRopesGoToWhoeverHasNoneOfTheirOwn(): void
    {
        $this->signInto();
        $this->hang('R1', '244');
        $this->hang('R2', '262');
        self::assertSame(['R1', 'R2'], array_column($this->send('GET', '/api/rack'), 'tag'));
        $strip = $this->send('GET', '/api/rack/strip');
        $bands = $strip['bands'];
        self::assertContains('R1', array_column($bands, 'tag'));
        self::assertSame([1.1, 2.1], [$bands[0]['fromM'], $bands[\count($bands) - 1]['toM']]);
        self::assertSame('armpit school, both feet, handle ends; handles of 15 cm.', $strip['rule']['sentence']);
        $ilse = $this->newAthlete();
        $tonight = $this->send('GET', '/api/rack/tonight');
        self::assertSame(
            [[$ilse, 'Ilse', 'R1']],
            array_map(
                static fn (array $one): array => [$one['athleteId'], $one['firstName'], $one['tag']],
                $tonight['given'],
            ),
        );
        self::assertSame('R1, 244 cm: as long as 244 cm asks.', $tonight['given'][0]['reasons'][0]['sentence']);
        $tall = $this->athleteCalled('Bram', '230');
        $tonight = $this->send('GET', '/api/rack/tonight');
        self::assertNull($tonight['given'][0]['tag'], 'nothing on the rack is long enough');
        self::assertStringContainsString('Buy or cut one of', $tonight['given'][0]['reasons'][0]['sentence']);
        self::assertSame([1, $tonight['given'][0]['idealM']], [$tonight['served'], $tonight['toBuyM'][0]]);
        $this->send('PUT', '/api/ropes/'.self::id(), [
            'athleteId' => $ilse,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ]);
        self::assertSame(
            [$tall],
            array_column($this->send('GET', '/api/rack/tonight')['given'], 'athleteId'),
            'who has a rope needs none',
        );
    }

    public function testAnotherGymsRackIsNotSeen(): void
    {
        $this->signInto();
        $rope = $this->hang('R1', '240');
        $this->signInto();
        self::assertSame([], $this->send('GET', '/api/rack'));
        $this->newAthlete();
        self::assertSame(
            'There is no shared rope yet.',
            $this->send('GET', '/api/rack/tonight')['given'][0]['reasons'][0]['sentence'],
        );
        $this->send('PUT', '/api/pins/'.self::id(), ['athleteId' => $this->newAthlete(), 'rackRopeId' => $rope]);
        $this->assertProblem('rackRopeId');
    }

    public function testARopeIsChangedOnceFromTheVersionSeenTakenOffAndHungBack(): void
    {
        $this->signInto();
        $id = $this->hang('R1', '244');
        $changed = $this->send(
            'PATCH',
            '/api/rack/'.$id,
            self::rope('R1', '240', ['keptBack' => true]),
            self::change(1),
        );
        self::assertSame([2.4, true, 2], [$changed['cableLengthM'], $changed['keptBack'], $changed['version']]);
        $this->send('PATCH', '/api/rack/'.$id, self::rope('R1', '238'), self::change(1));
        $this->assertStatus(409);
        self::assertSame(2.4, $this->send('GET', '/api/rack')[0]['cableLengthM']);
        $this->send('DELETE', '/api/rack/'.$id, null, self::change(2));
        self::assertSame([], $this->send('GET', '/api/rack'));
        $this->send('POST', '/api/rack/'.$id.'/restore', null, self::change(3));
        $this->assertStatus(200);
        self::assertCount(1, $this->send('GET', '/api/rack'));
    }

    public function testARopeKeptBackIsGivenToNobodyButByAPin(): void
    {
        $this->signInto();
        $rope = $this->hang('R1', '244', ['keptBack' => true]);
        $ilse = $this->newAthlete();
        self::assertSame('gear.held_back', $this->given($ilse)['reasons'][0]['code']);
        $this->pin($ilse, $rope);
        self::assertSame('R1', $this->given($ilse)['tag']);
        self::assertSame('gear.pinned', $this->given($ilse)['reasons'][1]['code']);
    }

    public function testAFailedRopeIsGivenToNobodyUntilItPassesAgain(): void
    {
        $this->signInto();
        $rope = $this->hang('R1', '244');
        $ilse = $this->newAthlete();
        $failed = $this->send(
            'POST',
            '/api/rack/'.$rope.'/inspection',
            ['failed' => ['no-kinks']],
            self::change(1),
        );
        self::assertSame(
            [false, ['no-kinks'], ['kinked']],
            [$failed['inspection']['safe'], $failed['inspection']['failed'], $failed['inspection']['found']],
        );
        self::assertFalse($failed['lookDue'], 'it was looked over today');
        self::assertNull($this->given($ilse)['tag']);
        $this->send('PUT', '/api/pins/'.self::id(), ['athleteId' => $ilse, 'rackRopeId' => $rope]);
        $this->assertProblem('rackRopeId', 'failed its inspection');
        $this->send('PUT', '/api/nights/'.self::id(), ['pairs' => [['athleteId' => $ilse, 'rackRopeId' => $rope]]]);
        $this->assertProblem('pairs[0].rackRopeId', 'failed its inspection');
        self::assertNotContains('R1', array_column($this->send('GET', '/api/rack/strip'), 'tag'));
        $this->send('POST', '/api/rack/'.$rope.'/inspection', ['failed' => []], self::change(2));
        self::assertSame('R1', $this->given($ilse)['tag']);
    }

    public function testWhoseOwnRopeFailedGetsOneFromTheRack(): void
    {
        $this->signInto();
        $this->hang('R1', '244');
        $ilse = $this->newAthlete();
        $own = self::id();
        $this->send('PUT', '/api/ropes/'.$own, [
            'athleteId' => $ilse,
            'school' => 'armpit',
            'stance' => null,
            'handle' => '15',
            'family' => 'thick-cord',
        ]);
        self::assertSame([], $this->send('GET', '/api/rack/tonight')['given']);
        $this->send('POST', '/api/ropes/'.$own.'/inspection', ['failed' => ['no-strands']], self::change(1));
        $this->assertStatus(200);
        self::assertSame('R1', $this->given($ilse)['tag']);
    }

    public function testWhatWasHandedOutIsPreferredNextTime(): void
    {
        $gym = $this->signInto();
        $first = $this->hang('R1', '244');
        $second = $this->hang('R2', '247');
        $ilse = $this->newAthlete();
        self::assertSame('R1', $this->given($ilse)['tag']);
        $night = $this->send('PUT', '/api/nights/'.self::id(), [
            'pairs' => [['athleteId' => $ilse, 'rackRopeId' => $second]],
        ]);
        $this->assertStatus(201);
        self::assertFalse($night['handedOut'], 'the computed one differs');
        self::assertSame([$first, $second], [$night['given'][0]['rackRopeId'], $night['given'][0]['writtenRopeId']]);
        self::connection()->executeStatement(
            'UPDATE given_rope SET local_day = local_day - INTERVAL 3 DAY WHERE gym_id = ?',
            [$gym->toBinary()],
        );
        self::assertSame(
            ['R2', 'gear.same_as_last'],
            [$this->given($ilse)['tag'], $this->given($ilse)['reasons'][1]['code']],
        );
        $this->send('PUT', '/api/nights/'.self::id(), ['pairs' => [['athleteId' => $ilse, 'rackRopeId' => $second]]]);
        self::assertTrue($this->send('GET', '/api/rack/tonight')['handedOut']);
        $this->send('PUT', '/api/nights/'.self::id(), ['pairs' => []]);
        self::assertFalse($this->send('GET', '/api/rack/tonight')['handedOut'], 'taken back');
        self::assertNull($this->send('GET', '/api/rack/tonight')['given'][0]['writtenRopeId']);
        self::assertNotSame($first, $second);
    }

    public function testARopeUsedTwiceIsRefusedAndNothingIsWritten(): void
    {
        $this->signInto();
        $rope = $this->hang('R1', '244');
        $other = $this->hang('R2', '246');
        [$ilse, $bram] = [$this->newAthlete(), $this->athleteCalled('Bram Oosterveel', '170')];
        $this->send('PUT', '/api/nights/'.self::id(), [
            'pairs' => [['athleteId' => $ilse, 'rackRopeId' => $rope], ['athleteId' => $bram, 'rackRopeId' => $rope]],
        ]);
        $this->assertProblem('pairs[1].rackRopeId', 'R1 is given twice: to Ilse Tannow and to Bram Oosterveel.');
        $this->send('PUT', '/api/nights/'.self::id(), [
            'pairs' => [['athleteId' => $ilse, 'rackRopeId' => $rope], ['athleteId' => $ilse, 'rackRopeId' => $other]],
        ]);
        $this->assertProblem('pairs[1].athleteId', 'in this list already');
        self::assertFalse($this->send('GET', '/api/rack/tonight')['given'][0]['handedOut']);
        $this->pin($ilse, $rope);
        $this->send('PUT', '/api/pins/'.self::id(), ['athleteId' => $bram, 'rackRopeId' => $rope]);
        $this->assertProblem('rackRopeId', 'R1 is pinned to somebody already');
        $this->send('PUT', '/api/pins/'.self::id(), ['athleteId' => $ilse, 'rackRopeId' => $other]);
        $this->assertProblem('athleteId');
    }

    public function testAPinIsMovedToAnotherRopeInOneRequest(): void
    {
        $this->signInto();
        $this->hang('R1', '244');
        $far = $this->hang('R9', '290');
        $near = $this->hang('R2', '246');
        $ilse = $this->newAthlete();
        $pin = $this->pin($ilse, $far);
        $move = self::change(1);
        $this->send('PATCH', '/api/pins/'.$pin, ['rackRopeId' => $near], $move);
        $this->assertStatus(200);
        self::assertSame('R2', $this->given($ilse)['tag']);
        $again = $this->send('PATCH', '/api/pins/'.$pin, ['rackRopeId' => $near], $move);
        $this->assertStatus(200);
        self::assertSame(2, $again['version'], 'the same request counts once');
        $this->send('PATCH', '/api/pins/'.$pin, ['rackRopeId' => $far], self::change(1));
        $this->assertStatus(409);
    }

    /** Unpinned and pinned again, a refusal in between lost the pin. */
    public function testAPinThatCannotMoveStaysWhereItIs(): void
    {
        $this->signInto();
        $mine = $this->hang('R9', '290');
        $taken = $this->hang('R1', '244');
        [$ilse, $bram] = [$this->newAthlete(), $this->athleteCalled('Bram Oosterveel', '170')];
        $pin = $this->pin($ilse, $mine);
        $this->pin($bram, $taken);
        $this->send('PATCH', '/api/pins/'.$pin, ['rackRopeId' => $taken], self::change(1));
        $this->assertProblem('rackRopeId', 'R1 is pinned to somebody already');
        $this->send('PATCH', '/api/pins/'.$pin, ['rackRopeId' => self::id()], self::change(1));
        $this->assertProblem('rackRopeId');
        self::assertSame('R9', $this->given($ilse)['tag']);
        $this->send('DELETE', '/api/pins/'.$pin, null, self::change(1));
        $this->assertStatus(200);
        $this->send('PATCH', '/api/pins/'.$pin, ['rackRopeId' => $mine], self::change(2));
        $this->assertProblem('id', 'taken out');
    }

    public function testAPinIsTakenOutAndPutBack(): void
    {
        $this->signInto();
        $this->hang('R1', '244');
        $far = $this->hang('R9', '290');
        $ilse = $this->newAthlete();
        $pin = $this->pin($ilse, $far);
        self::assertSame(
            ['R9', 'gear.pinned_misfit'],
            [$this->given($ilse)['tag'], $this->given($ilse)['reasons'][1]['code']],
        );
        $this->send('DELETE', '/api/pins/'.$pin, null, self::change(1));
        self::assertSame('R1', $this->given($ilse)['tag']);
        $this->send('POST', '/api/pins/'.$pin.'/restore', null, self::change(2));
        self::assertSame('R9', $this->given($ilse)['tag']);
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('badRopes')]
    public function testABadRopeIsNamed(array $body, string $field): void
    {
        $this->signInto();
        $this->hang('R1', '244');
        $this->send('PUT', '/api/rack/'.self::id(), $body);
        $this->assertProblem($field);
        self::assertCount(1, $this->send('GET', '/api/rack'));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function badRopes(): iterable
    {
        yield 'a negative length' => [self::rope('R2', '-240'), 'cable'];
        yield 'nothing' => [self::rope('R2', '0'), 'cable'];
        yield 'a tag that is taken' => [self::rope('r1', '240'), 'tag'];
        yield 'no tag' => [self::rope(' ', '240'), 'tag'];
        yield 'an unknown cable' => [self::rope('R2', '240', ['family' => 'string']), 'family'];
    }

    public function testAHelperInspectsAndHandsOutButHangsNothing(): void
    {
        $gym = $this->signInto();
        $rope = $this->hang('R1', '244');
        $ilse = $this->newAthlete();
        $this->signInto($gym, Role::Helper);
        $this->send('POST', '/api/rack/'.$rope.'/inspection', ['failed' => []], self::change(1));
        $this->assertStatus(200);
        $this->send('PUT', '/api/nights/'.self::id(), ['pairs' => [['athleteId' => $ilse, 'rackRopeId' => $rope]]]);
        $this->assertStatus(201);
        $this->send('PUT', '/api/rack/'.self::id(), self::rope('R2', '240'));
        $this->assertStatus(403);
    }

    /** @param array<string, mixed> $with */
    private function hang(string $tag, string $cable, array $with = []): string
    {
        $id = self::id();
        $this->send('PUT', '/api/rack/'.$id, self::rope($tag, $cable, $with));
        $this->assertStatus(201);

        return $id;
    }

    private function pin(string $athlete, string $rope): string
    {
        $id = self::id();
        $this->send('PUT', '/api/pins/'.$id, ['athleteId' => $athlete, 'rackRopeId' => $rope]);
        $this->assertStatus(201);

        return $id;
    }

    private function athleteCalled(string $name, string $height): string
    {
        $id = Uuid::v7()->toRfc4122();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => $name, 'height' => $height]));

        return $id;
    }

    /**
     * @return array<string, mixed>
     */
    private function given(string $athlete): array
    {
        foreach ($this->send('GET', '/api/rack/tonight')['given'] as $one) {
            if ($one['athleteId'] === $athlete) {
                return $one;
            }
        }
        self::fail('nothing for '.$athlete);
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    private static function rope(string $tag, string $cable, array $with = []): array
    {
        return $with + ['tag' => $tag, 'cable' => $cable, 'handle' => '15', 'family' => 'thick-cord'];
    }
}
