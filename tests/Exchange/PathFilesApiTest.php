<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Exchange;

/**
 * How a gym teaches, its gates and its own drills travel, and a file that says what can't be is told where.
 */
final class PathFilesApiTest extends ExchangeTestCase
{
    private const DRILLS = "id,replaces,hidden,title,stage,notation,cadence,count_kind,aim,sets,cue,why,how\r\n";
    private const GATES = "id,athlete_id,stage,deed,choice,asked,with_feet,reason,decided_by,decided_at\r\n";

    public function testGatesDrillsAndWaysComeInAndGoOutTheSame(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $gate = self::id().",$athlete,singles,set,minute,45,false,our way,Maren,2026-11-01T10:00:00Z\r\n";
        self::assertSame(['done', 0], $this->bringIn(self::GATES.$gate, 'text/csv'));
        $drill = self::id().",,false,Harbour mix,mix,4s d,100,hold,30,3,,,\r\n";
        self::assertSame(['done', 0], $this->bringIn(self::DRILLS.$drill, 'text/csv'));
        self::assertSame(['done', 0], $this->bringIn("id,name,ways\r\n$athlete,Ilse Tannow,method=even-jump arms=long\r\n", 'text/csv'));
        $path = $this->send('GET', "/api/athletes/$athlete/path");
        self::assertSame(['our way'], array_column($path['decisions'], 'reason'));
        self::assertSame('even-jump', array_column($path['ways'], 'answer', 'question')['method']);
        self::assertStringContainsString('Harbour mix', $this->download('/api/export/drills.csv'));
        self::assertStringContainsString(',minute,45,', $this->download('/api/export/gates.csv'));
        self::assertStringContainsString('method=even-jump arms=long', $this->download('/api/export/athletes.csv'));
    }

    /** Eight practices at three in a hundred, a trim, three at nine: told in the hall; of a rope that was let out no trim is. */
    public function testMissesThatRoseSinceATrimAreToldInTheHall(): void
    {
        foreach ([
            '2.44' => 'Misses rose since the trim: 3.0 in 100 before, 9.0 in 100 since.',
            '2.60' => 'No fewer misses over the last 8 practices.',
        ] as $now => $said) {
            $this->signInto();
            $athlete = $this->newAthlete();
            $day = static fn (int $ago): string => (new \DateTimeImmutable("-$ago days"))->format('Y-m-d').'T12:00:00Z';
            $rope = static fn (string $length, int $ago): string => self::id()
                .",$athlete,$length,0.15,beaded,armpit,two-feet,2.44,ours,".$day($ago)."\r\n";
            $this->bringIn(
                "id,athlete_id,cable_length_m,handle_length_m,family,school,stance,computed_cable_m,override_reason,kept_at\r\n"
                    .$rope('2.48', 60).$rope((string) $now, 9),
                'text/csv',
            );
            $stage = $this->send('GET', "/api/athletes/$athlete/path")['stage'];
            $log = "id,athlete_id,drill,stage,kind,reps,misses,ended,clean,logged_at\r\n";
            foreach ([33, 30, 27, 24, 21, 18, 15, 12, 8, 5, 2] as $i => $ago) {
                $misses = $i < 8 ? 3 : 9;
                $log .= self::id().",$athlete,ladder-rising,$stage,sum,".(100 - $misses).",$misses,,true,".$day($ago)."\r\n";
            }
            $this->bringIn($log, 'text/csv');
            self::assertStringStartsWith($said, $this->send('GET', '/api/class')['athletes'][0]['news']['sentence']);
        }
    }

    public function testWhatCanNotBeIsTold(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        $fields = fn (string $file): array => array_column($this->send_($file, 'text/csv')['errors'], 'field');
        self::assertSame(['ways'], $fields("id,name,ways\r\n$athlete,Ilse Tannow,method=sideways\r\n"));
        self::assertSame(['asked'], $fields(self::GATES.self::id().",,snap,set,usual,11,false,x,,2026-11-01T10:00:00Z\r\n"));
        self::assertSame(['notation'], $fields(self::DRILLS.self::id().",,false,Ours,mix,3x,100,hold,30,3,,,\r\n"));
        self::assertSame(['replaces'], $fields(self::DRILLS.self::id().",moonwalk,false,Ours,mix,3s,100,hold,30,3,,,\r\n"));
    }
}
