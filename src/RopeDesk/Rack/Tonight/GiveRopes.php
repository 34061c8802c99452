<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack\Tonight;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Ropes\Rack;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\RopeDesk\Rack\NamedRackRope;
use Zumbo\App\Shared\People\NamedAthlete;

/**
 * Writes down who has which shared rope tonight, in place of what was written down for tonight before.
 */
final readonly class GiveRopes
{
    public function __construct(
        private Rack $rack,
        private NamedAthlete $athletes,
        private NamedRackRope $ropes,
        private Gyms $gyms,
        private IdempotentWrite $writes,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function tonight(UuidV7 $id, NightInput $input): bool
    {
        return $this->writes->run($id, Subject::of('hand out', 'night', $id), $input, function () use ($input): void {
            $this->rack->give(
                LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone()),
                $this->pairs($input),
            );
        });
    }

    /**
     * @return array<string, Uuid> rope by athlete id
     */
    private function pairs(NightInput $input): array
    {
        $given = $holders = [];
        foreach ($input->pairs as $i => $pair) {
            $athlete = $this->athletes->of($pair->athleteId);
            $rope = $this->ropes->of("pairs[$i].rackRopeId", $pair->rackRopeId);
            $id = $athlete->id()->toRfc4122();
            if (isset($given[$id])) {
                throw BadField::of(
                    "pairs[$i].athleteId",
                    $athlete->profile()->name,
                    'each athlete once',
                    \sprintf('%s has a rope in this list already.', $athlete->profile()->name),
                );
            }
            if (isset($holders[$rope->tag()])) {
                throw BadField::of(
                    "pairs[$i].rackRopeId",
                    $rope->tag(),
                    'each rope once',
                    \sprintf(
                        '%s is given twice: to %s and to %s.',
                        $rope->tag(),
                        $holders[$rope->tag()],
                        $athlete->profile()->name,
                    ),
                );
            }
            $given[$id] = $rope->id();
            $holders[$rope->tag()] = $athlete->profile()->name;
        }

        return $given;
    }
}
