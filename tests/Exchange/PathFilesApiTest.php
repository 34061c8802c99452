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
