<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Trail\Changes;
use Zumbo\App\Entity\Trail\TrailDeed;
use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * What the demo gym's coaches changed before the demo begins, in the place of what making the demo itself left.
 */
final readonly class DemoTrail
{
    public function __construct(private GymDatabase $database, private DemoIds $ids)
    {
    }

    public function upTo(\DateTimeImmutable $day): void
    {
        $this->database->execute('DELETE FROM trail WHERE gym_id = :gym');
        [$maren, $ewan] = [SaltmarshBarbell::OWNER_NAME, SaltmarshBarbell::COACH_NAME];
        [$helper, $email] = [SaltmarshBarbell::HELPER_NAME, SaltmarshBarbell::HELPER_EMAIL];
        $looked = $day->modify('-11 days');
        $this->line($day->modify('-40 days')->setTime(16, 5), $maren, TrailDeed::Made, 'coach', $email, $helper, [
            'name' => [null, $helper],
            'email' => [null, $email],
            'role' => [null, 'helper'],
        ]);
        $this->line($day->modify('-20 days')->setTime(19, 40), $maren, TrailDeed::Changed, 'rack_rope', 'rack R17', 'R17', [
            'kept_back' => [false, true],
        ]);
        $this->line($looked->setTime(17, 55), $ewan, TrailDeed::Changed, 'rack_rope', 'rack R8', 'R8', [
            'inspected_on' => [null, $looked->format('Y-m-d')],
            'failed' => [[], ['no-kinks', 'coating-whole']],
        ]);
        $this->line($looked->setTime(18, 2), $ewan, TrailDeed::Made, 'cable', 'cable blue', 'Blue coil, 2.6 mm', [
            'name' => [null, 'Blue coil, 2.6 mm'],
            'diameter_m' => [null, 0.0026],
            'piece_m' => [null, 2.0],
            'piece_g' => [null, 26.5],
        ]);
    }

    /**
     * @param array<string, array{mixed, mixed}> $changes
     */
    private function line(
        \DateTimeImmutable $at,
        string $by,
        TrailDeed $deed,
        string $kind,
        string $row,
        string $name,
        array $changes,
    ): void {
        $this->database->execute(
            'INSERT INTO trail (gym_id, id, done_at, done_by, kind, row_id, row_name, deed, changes, written_here)
             VALUES (:gym, :id, :at, :by, :kind, :row, :name, :deed, :changes, 1)',
            [
                'id' => self::idOf($at, $this->ids->named("trail $kind $row")),
                'at' => $at->format('Y-m-d H:i:s'),
                'by' => $by,
                'kind' => $kind,
                'row' => $this->ids->named($row),
                'name' => $name,
                'deed' => $deed->value,
                'changes' => Changes::written($changes),
            ],
            ['id' => UuidType::NAME, 'row' => UuidType::NAME],
        );
    }

    /** The trail is read in the order of its ids, so here their time counts. */
    private static function idOf(\DateTimeImmutable $at, Uuid $named): Uuid
    {
        $time = \sprintf('%012x', $at->getTimestamp() * 1000);

        return Uuid::fromString(substr($time, 0, 8).'-'.substr($time, 8).substr($named->toRfc4122(), 13));
    }
}
