<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Asked;

use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\LogSums;
use Zumbo\App\Story\Gym\GymRow;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Story\Moving;

/**
 * Whether an athlete belongs into an answer, and with which words; of what is known of them anyway.
 */
final readonly class RowAnswers
{
    private const AWAY_DAYS = 14;
    private const RECORD = '-28 days';

    public function about(BoxQuestion $question, GymRow $row, \DateTimeImmutable $today): ?BoxRow
    {
        return match ($question) {
            BoxQuestion::Ready => self::ready($row),
            BoxQuestion::Linked => Stage::Mix === $row->judged->athlete->stage() ? self::ready($row) : null,
            BoxQuestion::Stuck => self::stuck($row),
            BoxQuestion::Easier => self::easier($row),
            BoxQuestion::Away => self::away($row),
            BoxQuestion::Rope => self::rope($row),
            BoxQuestion::Off => self::off($row),
            BoxQuestion::Most => 0 === $row->week->contacts
                ? null
                : BoxRow::of($row, Verdict::of('box.contacts', ['contacts' => $row->week->contacts]), $row->week->contacts),
            BoxQuestion::Record => self::record($row, $row->judged->sums, $today),
            default => null,
        };
    }

    private static function ready(GymRow $row): ?BoxRow
    {
        $gate = $row->outlook->gate;
        if (null === $gate || !$gate->isOpenNow() || !$row->judged->today->allowance->offersJumps()) {
            return null;
        }

        return BoxRow::of($row, Verdict::of('box.chance', [
            'gate' => MessageCatalogue::name(Term::of($row->judged->athlete->stage())),
            'tenths' => (int) round(10 * $gate->chance),
        ]), $gate->chance);
    }

    private static function stuck(GymRow $row): ?BoxRow
    {
        return Moving::Stuck !== $row->moving || null === $row->since ? null : BoxRow::of($row, Verdict::of('box.since', [
            'stage' => Term::of($row->judged->athlete->stage()),
            'since' => $row->since->format('j F'),
            'practices' => $row->practices,
        ]), $row->practices);
    }

    private static function easier(GymRow $row): ?BoxRow
    {
        return !$row->week->isOver() ? null : BoxRow::of($row, Verdict::of('box.week', [
            'contacts' => $row->week->contacts,
            'most' => $row->week->most,
        ]), $row->week->contacts / max(1, $row->week->most));
    }

    private static function away(GymRow $row): ?BoxRow
    {
        if (null === $row->daysAway) {
            return BoxRow::of($row, Verdict::of('box.away_never'), 0.0);
        }

        return $row->daysAway < self::AWAY_DAYS
            ? null
            : BoxRow::of($row, Verdict::of('box.away_days', ['days' => $row->daysAway]), $row->daysAway);
    }

    private static function rope(GymRow $row): ?BoxRow
    {
        $needs = $row->judged->today->rope;

        $said = $needs->reasons[0] ?? MessageCatalogue::name(Term::of($needs->next->action));

        return $row->ropeToChange() ? BoxRow::of($row, $said, abs($needs->offBy?->metres() ?? 0.0)) : null;
    }

    private static function off(GymRow $row): ?BoxRow
    {
        $allowance = $row->judged->today->allowance;

        return $allowance->offersJumps()
            ? null
            : BoxRow::of($row, SentenceView::of($allowance->reasons[0], LengthUnit::Centimetre)->sentence, 1.0);
    }

    private static function record(GymRow $row, LogSums $sums, \DateTimeImmutable $today): ?BoxRow
    {
        $stage = $row->judged->athlete->stage();
        $now = $sums->best($stage, AttemptKind::Streak) ?? 0;
        $before = $sums->before($today->modify(self::RECORD))->best($stage, AttemptKind::Streak);

        return null === $before || $now <= $before ? null : BoxRow::of($row, Verdict::of('box.best', [
            'reps' => $now,
            'stage' => Term::of($stage),
            'before' => $before,
        ]), $now);
    }
}
