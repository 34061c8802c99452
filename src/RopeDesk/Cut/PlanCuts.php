<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cut;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Gear\CutList;
use Zumbo\Core\Gear\GearSources;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\RopeSources;

/**
 * Plans the cutting of cables: of the rope somebody has, or of the one that would be sized for them, from the fewest
 * coils.
 */
final readonly class PlanCuts
{
    public function __construct(
        private JudgeToday $judge,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function sheet(CutListInput $input): CutSheetView
    {
        $gym = $this->gyms->current();
        $judged = $this->judge->everybody();
        $byFamily = $open = [];
        foreach ($this->chosen($input, $judged) as $one) {
            $piece = self::piece($one, $input->spare());
            if (null === $piece) {
                $open[] = $one->athlete->profile()->name;
                continue;
            }
            $byFamily[$piece->family->value][] = $piece;
        }
        ksort($byFamily);

        return new CutSheetView(
            LocalDay::of($this->clock->now(), $gym->timeZone())->format('Y-m-d'),
            $input->stock()->metres(),
            $input->spare()->metres(),
            $input->kerf()->metres(),
            array_map(
                static fn (array $pieces): CutListView => self::list($pieces, $input, $gym->unit()),
                array_values($byFamily),
            ),
            $open,
            SentenceView::of(Verdict::of('cut.spare', ['spare_m' => RopeSizing::USUAL_SPARE_M]), $gym->unit()),
            SentenceView::of(GearSources::stock(), $gym->unit())->sentence,
            SentenceView::of(RopeSources::cut(), $gym->unit())->sentence,
        );
    }

    /**
     * @param array<string, Judged> $judged
     *
     * @return list<Judged>
     */
    private function chosen(CutListInput $input, array $judged): array
    {
        if ([] === $input->ids()) {
            return array_values(array_filter($judged, static fn (Judged $one): bool => null === $one->rope));
        }

        return array_map(
            static fn (string $id): Judged => $judged[strtolower($id)] ??
                throw BadField::of('athletes', $id, 'ids of athletes of this gym, parted by commas'),
            $input->ids(),
        );
    }

    /** Null: the handles are not known, so neither is the cable. */
    private static function piece(Judged $one, Length $spare): ?CutPieceView
    {
        $cable = $one->cable();
        if (null === $cable) {
            return null;
        }
        $family = $one->rope?->spec()->family ?? $one->today->cable->recommended;

        return new CutPieceView(
            $one->athlete->id()->toRfc4122(),
            $one->athlete->profile()->name,
            $cable->metres(),
            $cable->plus(self::allowance($spare))->metres(),
            $family,
            MessageCatalogue::name(Term::of($family)),
            null !== $one->rope,
        );
    }

    private static function allowance(Length $spare): Length
    {
        return $spare->plus(Handle::usual()->pieceInside())->times(2);
    }

    /**
     * @param non-empty-list<CutPieceView> $pieces of one family
     */
    private static function list(array $pieces, CutListInput $input, LengthUnit $unit): CutListView
    {
        $stockM = $input->stock()->metres();
        try {
            $cut = CutList::of(
                array_map(static fn (CutPieceView $piece): array => [$piece->cutLengthM, 1], $pieces),
                $stockM,
                0.0,
                $input->kerf()->metres(),
            );
        } catch (OutOfRange $e) {
            throw BadField::of(
                'stock',
                $input->stock ?? $unit->printLong($input->stock()),
                'longer than the longest cable with its spare',
                \sprintf('Stock: %s.', $e->getMessage()),
            );
        }
        $bars = [];
        foreach ($cut->patterns as $pattern) {
            // Each piece is somebody's own, so no pattern comes twice.
            $mine = array_values(
                array_filter($pieces, static fn (int $i): bool => $pattern->counts[$i] > 0, \ARRAY_FILTER_USE_KEY),
            );
            $taken = array_sum(array_map(static fn (CutPieceView $piece): float => $piece->cutLengthM, $mine));
            $bars[] = new CutBarView($mine, max(0.0, $stockM - $taken - \count($mine) * $input->kerf()->metres()));
        }
        $values = [
            'pieces' => \count($pieces),
            'stock' => $cut->stockUsed,
            'length' => $unit->printLong(Length::ofMetres($stockM)),
            'least' => $cut->lowerBound,
            'waste' => $unit->printLong(Length::ofMetres($cut->wasteM)),
        ];

        return new CutListView(
            $pieces[0]->family,
            $pieces[0]->familyName,
            $stockM,
            $bars,
            $cut->wasteM,
            $cut->proven,
            SentenceView::of(Verdict::of($cut->proven ? 'cut.proven' : 'cut.bound', $values), $unit),
        );
    }
}
