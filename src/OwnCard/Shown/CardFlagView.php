<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Shown;

use Zumbo\App\Entity\Health\NotedCaution;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Body\Health;
use Zumbo\Core\Body\HealthNote;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * Something that keeps an athlete from jumping until they state that a professional cleared it.
 */
final readonly class CardFlagView
{
    private function __construct(
        public string $id,
        public int $version,
        /** "dizziness". */
        public string $name,
        /** Local day. */
        public string $since,
    ) {
    }

    /**
     * @return list<self>
     */
    public static function of(Judged $judged, \DateTimeImmutable $today): array
    {
        $core = array_map(static fn (NotedCaution $note): HealthNote => $note->toCore($today), $judged->noted);
        $flags = [];
        foreach ($judged->noted as $i => $note) {
            $before = \array_slice($core, 0, $i);
            if (null === $note->isLiftedBy() && !Health::coachMayClear($core[$i], ...$before) && !self::isOver($core[$i])) {
                $flags[] = new self(
                    $note->id()->toRfc4122(),
                    $note->version(),
                    MessageCatalogue::name(Term::of($note->place() ?? $note->caution())),
                    $note->notedOn()->format('Y-m-d'),
                );
            }
        }

        return $flags;
    }

    /** Easy weeks end by themselves. */
    private static function isOver(HealthNote $note): bool
    {
        return [] === Health::of([$note])->standing;
    }
}
