<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Exchange;

/**
 * Ropes, cables and lengths in files.
 */
final class RopeFilesApiTest extends ExchangeTestCase
{
    private const CABLES = "id,name,diameter_m,piece_m,piece_g\r\n";
    private const RACK = "id,tag,cable_length_m,handle_length_m,family\r\n";

    /** A file from before inspections and own cables were kept. */
    public function testAnOlderFileIsStillRead(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        self::assertSame(['done', 0], $this->bringIn(self::RACK.self::id().",R1,2.3,0.15,beaded\r\n", 'text/csv'));
        [$rope] = $this->send('GET', '/api/rack');
        self::assertSame(
            [false, true, null],
            [$rope['keptBack'], $rope['inspection']['safe'], $rope['inspection']['on']],
        );
        $ropes =
            'id,athlete_id,cable_length_m,handle_length_m,family,school,stance,computed_cable_m,override_reason,kept_at'.
            "\r\n".
            self::id().
            ",$athlete,2.4,0.15,beaded,armpit,two-feet,2.44,shorter,2026-11-01T10:00:00Z\r\n";
        self::assertSame(['done', 0], $this->bringIn($ropes, 'text/csv'));
        self::assertTrue($this->send('GET', '/api/athletes/'.$athlete)['rope']['inspection']['safe']);
    }

    /** Fingers know a tag: a file without one, or with another's, takes none away. */
    public function testAFileTakesNobodysTagAway(): void
    {
        $this->signInto();
        $ilse = $this->newAthlete();
        $tags = fn (): array => array_column($this->send('GET', '/api/class')['athletes'], 'tag', 'firstName');
        self::assertSame(['done', 0], $this->bringIn("id,name,log_tag\r\n$ilse,Ilka Tannow,\r\n", 'text/csv'));
        self::assertSame(['Ilka' => 'i'], $tags());
        $new = self::id();
        $row = 'id,name,stature_m,dominant_hand,experience,stage,guardian_consent,added_at,log_tag'."\r\n"
            ."$new,Ivo Marr,1.8,right,none,jump,false,2026-11-01T10:00:00Z,i\r\n";
        self::assertSame(['done', 0], $this->bringIn($row, 'text/csv'));
        self::assertEquals(['Ilka' => 'i', 'Ivo' => 'iv'], $tags());
    }

    public function testARopeLookedOverLongAgoIsDueAgain(): void
    {
        $this->signInto();
        $row = static fn (string $tag, string $on): string => self::id().",$tag,2.44,0.15,beaded,false,$on,\r\n";
        $days = static fn (int $ago): string => (new \DateTimeImmutable("-$ago days"))->format('Y-m-d');
        $this->bringIn(
            "id,tag,cable_length_m,handle_length_m,family,kept_back,inspected_on,failed\r\n".$row('R1', $days(20)).$row('R2', $days(40)),
            'text/csv',
        );
        self::assertSame(
            ['R1' => false, 'R2' => true],
            array_column($this->send('GET', '/api/rack'), 'lookDue', 'tag'),
        );
    }

    public function testAFailedInspectionComesInAndKeepsTheRopeBack(): void
    {
        $this->signInto();
        $this->newAthlete();
        self::assertSame(
            ['done', 0],
            $this->bringIn(
                "id,tag,cable_length_m,handle_length_m,family,kept_back,inspected_on,failed\r\n".
                    self::id().
                    ",R1,2.44,0.15,beaded,false,2026-11-20,no-kinks;ends-safe\r\n",
                'text/csv',
            ),
        );
        self::assertSame(['no-kinks', 'ends-safe'], $this->send('GET', '/api/rack')[0]['inspection']['failed']);
        self::assertNull($this->send('GET', '/api/rack/tonight')['given'][0]['tag']);
    }

    public function testWhatCanNotBeIsListedLineByLine(): void
    {
        $this->signInto();
        $file = self::CABLES.self::id().",feather,0.002,2,1.5\r\n".self::id().",hawser,0.03,0.1,5000\r\n";
        self::assertSame(
            [
                'Line 2: piece_g "1.5": for a piece of 2.00 m: 3 to 500 g a metre.',
                'Line 3: piece_g "5000": for a piece of 0.10 m: 3 to 500 g a metre.',
            ],
            array_column($this->send_($file, 'text/csv')['errors'], 'message'),
        );
        $athlete = $this->newAthlete();
        $tape = "id,taped_chest_m\r\n$athlete,1.9\r\n";
        self::assertStringContainsString(
            'taped_chest_m "1.9": for somebody of 1.68 m: between',
            $this->send_($tape, 'text/csv')['errors'][0]['message'],
        );
        $nobody = self::id();
        $rope =
            "id,athlete_id,cable_id,cable_length_m,handle_length_m,family,school,stance,computed_cable_m,override_reason,kept_at\r\n".
            self::id().
            ",$athlete,$nobody,2.4,0.15,beaded,armpit,two-feet,2.44,,2026-11-01T10:00:00Z\r\n";
        self::assertSame(
            "Line 2: cable_id \"$nobody\": the id of a cable of this gym or of this file, or nothing.",
            $this->send_($rope, 'text/csv')['errors'][0]['message'],
        );
    }

    public function testARopeUsedTwiceOnOneDayIsRefused(): void
    {
        $this->signInto();
        [$one, $other] = [$this->newAthlete(), $this->newAthlete()];
        $rope = self::id();
        self::assertSame(['done', 0], $this->bringIn(self::RACK."$rope,R1,2.3,0.15,beaded\r\n", 'text/csv'));
        $night =
            "id,athlete_id,rack_rope_id,local_day\r\n".
            self::id().
            ",$one,$rope,2026-11-20\r\n".
            self::id().
            ",$other,$rope,2026-11-20\r\n";
        $message = $this->send_($night, 'text/csv')['errors'][0]['message'];
        self::assertMatchesRegularExpression(
            "/^Line 3: rack_rope_id and local_day \"$rope.*\": a pair that no other row has/",
            $message,
        );
    }

    public function testATagStandsOnceButATagThatWasTakenOffIsFree(): void
    {
        $this->signInto();
        $old = self::id();
        $this->bringIn(self::RACK."$old,R1,2.3,0.15,beaded\r\n", 'text/csv');
        $again = self::RACK.self::id().",R1,2.4,0.15,beaded\r\n";
        self::assertStringContainsString(
            'Line 2: tag "R1": one that no other row has',
            $this->send_($again, 'text/csv')['errors'][0]['message'],
        );
        $this->send('DELETE', '/api/rack/'.$old, null, self::change(1));
        $this->assertStatus(200);
        self::assertSame(['done', 0], $this->bringIn($again, 'text/csv'));
    }
}
