<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Asked;

use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Story\Gym\CompareCues;
use Zumbo\App\Story\Gym\GymRow;
use Zumbo\App\Story\Gym\HelpView;
use Zumbo\App\Story\Gym\ReadGym;
use Zumbo\Core\Measure\Verdict;

/**
 * Answers the questions of the box.
 */
final readonly class AnswerBox
{
    /** More names than these make no sentence. */
    private const NAMED = 4;

    public function __construct(
        private ReadGym $read,
        private CompareCues $cues,
        private RowAnswers $rows,
        private TrimAnswer $trimmed,
        private OwnCountAnswer $own,
        private Gyms $gyms,
    ) {
    }

    public function to(BoxQuestion $question): BoxAnswerView
    {
        if (BoxQuestion::Cue === $question) {
            $helps = $this->cues->all();

            return $this->view($question, array_map(self::cue(...), $helps), CompareCues::said($helps));
        }
        $all = $this->read->all();
        $found = match ($question) {
            BoxQuestion::Trimmed => $this->trimmed->among($all),
            BoxQuestion::Own => $this->own->among($all),
            default => array_map(fn (GymRow $row): ?BoxRow => $this->rows->about($question, $row, $this->read->today()), $all),
        };
        $rows = array_values(array_filter($found, static fn (?BoxRow $row): bool => null !== $row));
        usort($rows, static fn (BoxRow $a, BoxRow $b): int => [$b->value, $a->name] <=> [$a->value, $b->name]);

        return $this->view($question, $rows, $question->answered(self::values($question, $rows)));
    }

    /**
     * @param list<BoxRow> $rows
     */
    private function view(BoxQuestion $question, array $rows, Verdict $answer): BoxAnswerView
    {
        $gym = $this->gyms->current();

        return new BoxAnswerView(
            $question,
            SentenceView::of($question->asked(), $gym->unit())->sentence,
            SentenceView::of($answer, $gym->unit()),
            array_map(static fn (BoxRow $row): BoxRowView => BoxRowView::of($row, $gym->unit()), $rows),
            $gym->revision(),
        );
    }

    private static function cue(HelpView $help): BoxRow
    {
        return new BoxRow(null, $help->cue, Verdict::of('box.goes', [
            'better' => $help->better,
            'goes' => $help->goes,
            'low_percent' => (int) round(100 * $help->low),
            'high_percent' => (int) round(100 * $help->high),
        ]), $help->share);
    }

    /**
     * @param list<BoxRow> $rows
     *
     * @return array<string, int|string>
     */
    private static function values(BoxQuestion $question, array $rows): array
    {
        $values = ['count' => \count($rows), 'names' => self::names($rows)];

        return BoxQuestion::Most === $question
            ? $values + ['first' => $rows[0]->name ?? '', 'most' => (int) ($rows[0]->value ?? 0)]
            : $values;
    }

    /**
     * @param list<BoxRow> $rows
     */
    private static function names(array $rows): string
    {
        $names = array_map(static fn (BoxRow $row): string => explode(' ', $row->name)[0], $rows);
        $more = \count($names) - self::NAMED;
        if ($more > 0) {
            $names = [...\array_slice($names, 0, self::NAMED), "$more more"];
        }
        $last = array_pop($names);

        return [] === $names ? (string) $last : implode(', ', $names).' and '.$last;
    }
}
