<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Search;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Log\Found\EntryFilter;
use Zumbo\App\Entity\Log\Found\EntryPlace;
use Zumbo\App\Entity\Log\Found\FoundEntries;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\AttemptView;
use Zumbo\App\Shared\Sheet\CsvText;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Sets\WorkCode;

/**
 * Looks through the log, a page at a time or as a table.
 */
final readonly class FindEntries
{
    private const PAGE = 50;

    /** As many as a spreadsheet still opens gladly. */
    private const MOST_IN_TABLE = 20_000;

    private const HEAD = ['day', 'time', 'athlete', 'stage', 'work', 'kind', 'reps', 'misses', 'end', 'clean', 'logged_by', 'own_count'];

    public function __construct(
        private FoundEntries $found,
        private Attempts $attempts,
        private Athletes $athletes,
        private Ropes $ropes,
        private Gyms $gyms,
    ) {
    }

    /** @throws BadField when it is asked from a place that is none */
    public function page(EntrySearchInput $input): EntryPageView
    {
        $filter = $this->filter($input);
        $found = $this->found->page($filter, self::PAGE + 1, $input->after());
        $shown = \array_slice($found, 0, self::PAGE);
        $last = end($shown);
        $totals = null === $input->after ? $this->found->totals($filter) : null;

        return new EntryPageView(
            $this->views($shown),
            \count($found) > self::PAGE && $last instanceof Attempt ? (new EntryPlace($last->loggedAt(), $last->id()))->text() : null,
            null === $totals ? null : new EntryTotalsView($totals['entries'], $totals['reps'], $totals['misses']),
            null === $totals ? null : $this->faults(),
        );
    }

    /** @throws BadField when there are more than a table holds */
    public function table(EntrySearchInput $input): string
    {
        $filter = $this->filter($input);
        $found = $this->found->page($filter, self::MOST_IN_TABLE + 1);
        if (\count($found) > self::MOST_IN_TABLE) {
            throw BadField::of('from', $input->from, \sprintf('days that hold at most %d entries', self::MOST_IN_TABLE));
        }

        return CsvText::of(self::HEAD, array_map(static fn (FoundEntryView $one): array => [
            $one->day,
            $one->time,
            $one->athleteName,
            $one->stage->value,
            $one->work,
            $one->entry->kind->value,
            $one->entry->reps,
            $one->entry->misses,
            $one->entry->end?->value,
            $one->entry->clean ? 'yes' : 'no',
            $one->entry->loggedBy,
            $one->entry->selfReported ? 'yes' : 'no',
        ], $this->views($found)));
    }

    private function filter(EntrySearchInput $input): EntryFilter
    {
        $rope = null === $input->rope ? null : RopeTime::of($this->ropes, Uuid::fromString($input->rope));

        return $input->filter($this->gyms->current()->timeZone(), $rope);
    }

    /**
     * @return list<WorkedFaultView>
     */
    private function faults(): array
    {
        return array_map(
            static fn (string $code): WorkedFaultView => new WorkedFaultView($code, MessageCatalogue::name(Term::named('fault', $code))),
            $this->found->faults(),
        );
    }

    /**
     * @param list<Attempt> $found
     *
     * @return list<FoundEntryView>
     */
    private function views(array $found): array
    {
        $zone = new \DateTimeZone($this->gyms->current()->timeZone());
        $drills = $this->attempts->drillsOf($found);
        $names = $this->athletes->names(array_map(static fn (Attempt $one): Uuid => $one->athleteId(), $found));

        return array_map(static function (Attempt $one) use ($drills, $zone, $names): FoundEntryView {
            $code = $drills[$one->setId()->toRfc4122()] ?? '';
            $id = $one->athleteId()->toRfc4122();
            $at = $one->loggedAt()->setTimezone($zone);

            return new FoundEntryView(
                AttemptView::of($one, $code),
                $names[$id] ?? '',
                $one->stage(),
                WorkCode::title($code),
                $at->format('Y-m-d'),
                $at->format('H:i'),
            );
        }, $found);
    }
}
