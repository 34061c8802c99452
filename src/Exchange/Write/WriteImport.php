<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Write;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\AthleteTags;
use Zumbo\App\Entity\People\GivenTags;
use Zumbo\App\Exchange\Compare\Comparison;
use Zumbo\App\Exchange\Compare\ImportPlan;
use Zumbo\App\Exchange\Compare\PlanImport;
use Zumbo\App\Exchange\Compare\WaitingFile;
use Zumbo\App\Exchange\Rule\ReadRow;
use Zumbo\App\Platform\Job\Progress;
use Zumbo\App\Platform\Write\LongWork;

/**
 * Compares a file anew, since the gym may have changed after it was shown, and writes it as it goes. The entries of these
 * days come last: the practices they hang in may be those that a class is just filling.
 */
final class WriteImport implements LongWork
{
    private const MOST_KEPT_FOR_LAST = 2000;

    private ?Comparison $comparison = null;

    /** @var array<string, array{athlete: string, stage: string}> whose days are to be counted */
    private array $pairs = [];
    private ?GivenTags $given = null;

    /** @var list<ReadRow> */
    private array $last = [];

    /**
     * @param string                     $recent what was logged since then comes last; as it stands in a file
     * @param \Closure(ImportPlan): void $noted  told at the end, inside the write, of what was written
     */
    public function __construct(
        private readonly WaitingFile $file,
        private readonly PlanImport $plan,
        private readonly WriteRows $rows,
        private readonly AthleteTags $tags,
        private readonly Progress $progress,
        private readonly string $recent,
        private readonly \Closure $noted,
    ) {
    }

    public function write(): bool
    {
        $this->last = $this->pairs = [];
        $this->given = $this->tags->given();
        $this->comparison = $this->plan->of($this->file, $this->progress, $this->take(...));

        return $this->comparison->plan->mayGoOn();
    }

    public function isUpsetBy(string $kind, Uuid $id): bool
    {
        // What a class logs these days, and judges or takes back of it, is of no account, unless it is a row of the file:
        // only the end of the work comes near it. Anything else may be what a rule was held to.
        return 'attempt' !== $kind
            || null === $this->comparison
            || $this->comparison->hasEntry($id)
            || \count($this->last) >= self::MOST_KEPT_FOR_LAST
            || $this->rows->loggedAt($id) < $this->recent;
    }

    public function finish(): void
    {
        \assert(null !== $this->given);
        $this->rows->finish($this->pairs + $this->rows->add($this->last, $this->given, true));
        ($this->noted)($this->plan());
    }

    public function plan(): ImportPlan
    {
        return $this->comparison->plan ?? new ImportPlan();
    }

    /**
     * @param list<ReadRow> $added
     * @param list<ReadRow> $changed
     */
    private function take(array $added, array $changed): void
    {
        \assert(null !== $this->given);
        // By the gym's time zone the days of all others are counted.
        $own = array_values(array_filter($changed, static fn (ReadRow $row): bool => $row->table->oneRow));
        $changed = array_values(array_filter($changed, static fn (ReadRow $row): bool => !$row->table->oneRow));
        $this->rows->change($own, $this->given);
        $now = [];
        foreach ($added as $row) {
            $waits = $row->table->inPractice
                && $row->text('logged_at') >= $this->recent
                && \count($this->last) < self::MOST_KEPT_FOR_LAST;
            if ($waits) {
                $this->last[] = $row;
            } else {
                $now[] = $row;
            }
        }
        $this->pairs += $this->rows->add($now, $this->given) + $this->rows->change($changed, $this->given);
    }
}
