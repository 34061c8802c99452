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
use Zumbo\Core\Gear\GearSources;
use Zumbo\Core\Gear\StockCut;
use Zumbo\Core\Gear\StockPlan;
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
            $input->stock ?? $gym->unit()->printLong(Length::ofMetres($input->stocks()[0]->lengthM)),
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
        $stocks = $input->stocks();
        try {
            $plan = StockPlan::of(
                array_map(static fn (CutPieceView $piece): float => $piece->cutLengthM, $pieces),
                $stocks,
                $input->kerf()->metres(),
            );
        } catch (OutOfRange $e) {
            throw BadField::of(
                'stock',
                $input->stock ?? $unit->printLong(Length::ofMetres($stocks[0]->lengthM)),
                'stock that every cable with its spare fits into',
                \sprintf('Stock: %s.', $e->getMessage()),
            );
        }
        $bars = [];
        foreach ($plan->cuts as $cut) {
            $mine = array_map(static fn (int $i): CutPieceView => $pieces[$i], $cut->pieces);
            $taken = array_sum(array_map(static fn (CutPieceView $piece): float => $piece->cutLengthM, $mine));
            $offcut = max(0.0, $cut->stockM - $taken - \count($mine) * $input->kerf()->metres());
            $bars[] = new CutBarView($mine, $cut->stockM, $offcut);
        }
        $values = [
            'pieces' => \count($pieces),
            'stock' => self::named($plan->cuts, $unit),
            // What the cuts themselves take is not left over: the same sum as below each bar.
            'waste' => $unit->printLong(Length::ofMetres(array_sum(array_map(
                static fn (CutBarView $bar): float => $bar->offcutM,
                $bars,
            )))),
        ];

        return new CutListView(
            $pieces[0]->family,
            $pieces[0]->familyName,
            $bars,
            $plan->wasteM,
            $plan->proven,
            SentenceView::of(Verdict::of($plan->proven ? 'cut.proven' : 'cut.found', $values), $unit),
        );
    }

    /**
     * @param list<StockCut> $cuts
     *
     * @return string "2 of 30.00 m and 1 of 3.05 m"
     */
    private static function named(array $cuts, LengthUnit $unit): string
    {
        $many = array_count_values(
            array_map(static fn (StockCut $cut): string => $unit->printLong(Length::ofMetres($cut->stockM)), $cuts),
        );

        return implode(
            ' and ',
            array_map(static fn (string $length, int $count): string => "$count of $length", array_keys($many), $many),
        );
    }
}
