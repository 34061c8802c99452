<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Trail;

use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Trail\Trail;
use Zumbo\App\Entity\Trail\TrailLine;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Shared\Trail\SayChanges;
use Zumbo\App\Shared\Trail\TrailWords;

/**
 * Tells the trail as one reads it.
 */
final readonly class ShowTrail
{
    private const PAGE = 100;

    public function __construct(
        private Trail $trail,
        private Gyms $gyms,
    ) {
    }

    public function page(TrailInput $input): TrailView
    {
        $lines = $this->trail->newest(self::PAGE + 1, $input->before(), $input->athlete());
        $shown = \array_slice($lines, 0, self::PAGE);
        $names = $this->trail->names();
        $zone = $this->gyms->current()->timeZone();

        return new TrailView(
            array_map(static fn (TrailLine $line): TrailLineView => self::line($line, $names, $zone), $shown),
            \count($lines) > self::PAGE ? $shown[self::PAGE - 1]->id->toRfc4122() : null,
        );
    }

    /**
     * @param array<string, string> $names by id
     */
    private static function line(TrailLine $line, array $names, string $zone): TrailLineView
    {
        $whose = null === $line->athleteId ? '' : ($names[$line->athleteId->toRfc4122()] ?? '');

        return new TrailLineView(
            $line->id->toRfc4122(),
            $line->doneAt->format(\DATE_ATOM),
            LocalDay::of($line->doneAt, $zone)->format('Y-m-d'),
            $line->doneBy,
            TrailWords::KINDS[$line->kind] ?? TrailWords::ofCode($line->kind),
            '' === $whose ? $line->rowName : $whose,
            $line->deed,
            SayChanges::of($line, $names),
            !$line->writtenHere,
        );
    }
}
