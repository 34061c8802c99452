<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Listed;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\Sheet\BroughtSheet;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Roster\Entries\EntryColumns;
use Zumbo\Core\Roster\Entries\EntryList;
use Zumbo\Core\Roster\Entries\ListedEntry;
use Zumbo\Core\Streak\AttemptEnd;

/**
 * Reads a log that a coach kept in a spreadsheet, adds what is new in it, once, and takes all of it back. Lines that need a
 * look stay out. What was done counts at the drill's own stage: which one the athlete had then, nobody knows.
 */
final readonly class BringEntries
{
    public function __construct(
        private Attempts $attempts,
        private Athletes $athletes,
        private DaySums $sums,
        private Gyms $gyms,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private CoachName $coach,
        private ClockInterface $clock,
    ) {
    }

    public function read(BroughtSheet $brought, EntryListInput $input): EntryListView
    {
        $gym = $this->gyms->current();

        return EntryListView::of(
            $brought->sheet,
            $this->list($brought, $input),
            $gym->unit(),
            Ways::of($gym->ways()->answers),
        );
    }

    /**
     * @return bool true when it came in now, false when the same list came before under that id
     *
     * @throws BadField when it is not said what was done
     */
    public function add(UuidV7 $id, BroughtSheet $brought, EntryListInput $input): bool
    {
        $drill = CountedDrillView::named($input->drill) ?? throw self::noDrill($input->drill);
        $body = [$brought->sha256, $input];

        return $this->writes->run($id, Subject::of('bring entries', 'attempt', $id), $body, function () use (
            $id,
            $brought,
            $input,
            $drill,
        ): void {
            $this->write($this->list($brought, $input)->entries, $drill, new EntryIds($id));
        });
    }

    /**
     * All entries of a list that still stand.
     *
     * @throws UnknownRow when this gym has none of such a list
     */
    public function takeBack(UuidV7 $id, UuidV7 $mutationId): void
    {
        $this->writes->run($mutationId, Subject::of('take back entries', 'attempt', $id), null, function () use ($id): void {
            $ids = new EntryIds($id);
            $attempts = $this->attempts->between($ids->first(), $ids->last());
            if ([] === $attempts) {
                throw UnknownRow::of('list of entries', $id);
            }
            $sets = [];
            foreach ($attempts as $attempt) {
                if (!$attempt->isRemoved()) {
                    $attempt->remove($this->clock->now());
                    $sets[$attempt->setId()->toRfc4122()] = $attempt->setId();
                }
            }
            $this->sums->renew(...array_values($sets));
        });
    }

    private function list(BroughtSheet $brought, EntryListInput $input): EntryList
    {
        $today = LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
        $known = array_map(static fn (Athlete $one): string => $one->profile()->name, $this->athletes->present());
        $meanings = $input->meanings();
        $columns = null === $meanings ? null : EntryColumns::guess($brought->sheet, $today)->meaning($meanings);
        $list = EntryList::read($brought->sheet, $today, $known, $columns, $input->order());
        $drill = CountedDrillView::named($input->drill);
        if (null !== $input->drill && null === $drill) {
            throw self::noDrill($input->drill);
        }
        $there = null === $drill ? [] : $this->there($list->entries, $drill);

        return [] === $there ? $list : EntryList::read($brought->sheet, $today, $known, $columns, $input->order(), $there);
    }

    /**
     * @param list<ListedEntry> $entries
     *
     * @return list<string> keys of what the log has of their days
     */
    private function there(array $entries, Drill $drill): array
    {
        if ([] === $entries) {
            return [];
        }
        $days = array_map(static fn (ListedEntry $one): \DateTimeImmutable => $one->day, $entries);

        return array_map(
            static fn (array $done): string => ListedEntry::keyOf($done[0], new \DateTimeImmutable($done[1]), $done[2], $done[3]),
            $this->attempts->doneBetween($drill->code, min($days), max($days)),
        );
    }

    /**
     * @param list<ListedEntry> $entries
     */
    private function write(array $entries, Drill $drill, EntryIds $ids): void
    {
        $by = $this->coach->ofCurrent();
        $athletes = $sets = [];
        foreach ($this->athletes->present() as $athlete) {
            $athletes[$athlete->profile()->name] = $athlete;
        }
        foreach ($entries as $entry) {
            $athlete = $athletes[$entry->name];
            $day = LocalDay::of($entry->day, 'UTC');
            $at = $this->at($entry);
            $key = $entry->name.$day->format('Y-m-d');
            $sets[$key] ??= $this->attempts->setFor($athlete, $drill->code, $day, $at, $drill->stage)->id;
            $this->attempts->add($this->attempt($entry, $drill, $athlete, $sets[$key], $ids->of($entry->line), $at, $by));
        }
        $this->sums->renew(...array_values($sets));
    }

    private function attempt(
        ListedEntry $entry,
        Drill $drill,
        Athlete $athlete,
        Uuid $set,
        UuidV7 $id,
        \DateTimeImmutable $at,
        string $by,
    ): Attempt {
        $kind = match (true) {
            CountKind::Tries === $drill->countKind => AttemptKind::Tries,
            null === $entry->misses => AttemptKind::Streak,
            default => AttemptKind::Sum,
        };
        $end = AttemptKind::Streak === $kind ? AttemptEnd::Miss : null;
        $misses = $entry->misses ?? 0;
        $gym = $this->scope->gymId();
        $attempt = new Attempt($gym, $id, $set, $athlete->id(), $drill->stage, $kind, $entry->reps, $misses, $end, true, $at, $by);
        // They were looked at as a list; nobody is asked about each.
        $attempt->confirm();

        return $attempt;
    }

    /** Noon of the day, line by line a second later; today perhaps not yet. */
    private function at(ListedEntry $entry): \DateTimeImmutable
    {
        $noon = LocalDay::noonOf($entry->day, $this->gyms->current()->timeZone())->modify('+'.$entry->line.' seconds');

        return min($noon, $this->clock->now()->setTimezone(new \DateTimeZone('UTC')));
    }

    private static function noDrill(?string $given): BadField
    {
        $codes = array_map(static fn (CountedDrillView $one): string => $one->code, CountedDrillView::all(Ways::usual()));

        return BadField::of('drill', $given, 'one of '.implode(', ', $codes));
    }
}
