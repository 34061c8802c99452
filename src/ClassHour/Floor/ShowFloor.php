<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Floor;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Evening\HallSpot;
use Zumbo\App\Entity\Evening\HallSpots;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Shared\Here\ReadHere;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Hall\ClearCircle;
use Zumbo\Core\Hall\HallPlan;
use Zumbo\Core\Hall\Room;
use Zumbo\Core\Hall\Spot;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rope\RopeTooShort;
use Zumbo\Core\Stage\Stage;

/**
 * The plan of the hall to scale: everybody here as a spot with the circle their rope needs.
 */
final readonly class ShowFloor
{
    /** Of a hall whose size nobody told (our assumption). */
    private const USUAL_WIDTH_M = 12.0;
    private const USUAL_DEPTH_M = 9.0;

    /** Of a circle, while nobody is here. */
    private const USUAL_RADIUS_M = 1.4;

    /** Nobody has more people in a hall. */
    private const MOST_PEOPLE = 40;

    public function __construct(private ReadHere $here, private HallSpots $spots, private Gyms $gyms, private ClockInterface $clock)
    {
    }

    public function tonight(): FloorView
    {
        $gym = $this->gyms->current();
        $judged = $this->here->tonight($gym, $this->clock->now())['here'];
        $ids = array_keys($judged);
        $circles = array_values(array_map(self::circle(...), $judged));
        [$room, $left, $front] = self::mat($gym);
        $plan = HallPlan::arranged($room, array_column($circles, 0));
        $put = $this->spots->all();
        $places = [];
        foreach ($ids as $i => $id) {
            $own = $put[$id] ?? null;
            if (null !== $own && !$own->isRemoved()) {
                $places[$i] = $own->spot();
            } elseif (isset($plan->spots[$i])) {
                $places[$i] = new Spot($plan->spots[$i]->x + $left, $plan->spots[$i]->y + $front);
            }
        }
        $onTheMat = array_map(static fn (Spot $spot): Spot => new Spot($spot->x - $left, $spot->y - $front), $places);
        $crowded = HallPlan::crowded($room, array_column($circles, 0), $onTheMat);
        $names = array_values(array_map(static fn (Judged $one): string => $one->athlete->profile()->firstName(), $judged));
        $views = [];
        foreach ($ids as $i => $id) {
            [$circle, $guessed] = $circles[$i];
            $views[] = self::view($id, $names, $i, $circle, $guessed, $places[$i] ?? null, $crowded[$i] ?? null, $put[$id] ?? null, $gym);
        }
        $radii = array_map(static fn (array $one): float => $one[0]->radiusM, $circles);
        $radius = [] === $radii ? self::USUAL_RADIUS_M : array_sum($radii) / \count($radii);

        return new FloorView(
            SentenceView::of(self::title($views), LengthUnit::Centimetre),
            $gym->hallWidthM() ?? self::USUAL_WIDTH_M,
            $gym->hallDepthM() ?? self::USUAL_DEPTH_M,
            null === $gym->hallWidthM() || null === $gym->hallDepthM(),
            $gym->matWidthM(),
            $gym->matDepthM(),
            $gym->ceilingM(),
            $views,
            HallPlan::roomFor($room, $radius, self::MOST_PEOPLE),
            $gym->revision(),
        );
    }

    /**
     * @return array{Room, float, float} what one jumps on, and where it begins in the hall
     */
    private static function mat(Gym $gym): array
    {
        $width = $gym->hallWidthM() ?? self::USUAL_WIDTH_M;
        $depth = $gym->hallDepthM() ?? self::USUAL_DEPTH_M;
        $matWidth = min($width, $gym->matWidthM() ?? $width);
        $matDepth = min($depth, $gym->matDepthM() ?? $depth);

        return [Room::of($matWidth, $matDepth), ($width - $matWidth) / 2, ($depth - $matDepth) / 2];
    }

    /**
     * @return array{ClearCircle, bool} and whether the rope was guessed
     */
    private static function circle(Judged $one): array
    {
        $stage = $one->athlete->stage();
        $jump = Length::ofMetres($stage->isBefore(Stage::Snap) ? ClearCircle::USUAL_JUMP_M : ClearCircle::JUMP_OF_DOUBLES_M);
        $body = $one->wanted->body;
        $cable = $one->cable() ?? $one->goal()?->cable;
        // A rope that both feet stand on reaches up to the armpit.
        $usual = $body->heightOf(Landmark::Armpit)->height->times(2.0);
        try {
            return [ClearCircle::of($body, $cable ?? $usual, $jump), null === $cable];
        } catch (RopeTooShort) {
            return [ClearCircle::of($body, $usual, $jump), true];
        }
    }

    /**
     * @param list<string>                              $names
     * @param array{others: list<int>, wall: bool}|null $crowded
     */
    private static function view(
        string $id,
        array $names,
        int $i,
        ClearCircle $circle,
        bool $guessed,
        ?Spot $spot,
        ?array $crowded,
        ?HallSpot $put,
        Gym $gym,
    ): SpotView {
        return new SpotView(
            $id,
            $names[$i],
            $spot?->x,
            $spot?->y,
            $circle->radiusM,
            $guessed,
            null !== $put && !$put->isRemoved(),
            array_map(static fn (int $other): string => $names[$other], $crowded['others'] ?? []),
            $crowded['wall'] ?? false,
            $circle->ceilingM,
            null === $gym->ceilingM() ? null : $circle->ceilingM <= $gym->ceilingM(),
            $put?->version() ?? 0,
        );
    }

    /**
     * @param list<SpotView> $spots
     */
    private static function title(array $spots): Verdict
    {
        $without = array_filter($spots, static fn (SpotView $one): bool => null === $one->xM);
        $crowded = array_filter($spots, static fn (SpotView $one): bool => [] !== $one->crowds || $one->overTheEdge);
        $low = array_filter($spots, static fn (SpotView $one): bool => false === $one->ceilingFits);
        $values = ['people' => \count($spots), 'without' => \count($without), 'crowded' => \count($crowded), 'low' => \count($low)];

        return match (true) {
            [] === $spots => Verdict::of('hall.nobody'),
            [] !== $without => Verdict::of('hall.without', $values),
            [] !== $crowded => Verdict::of('hall.crowded', $values),
            [] !== $low => Verdict::of('hall.low', $values),
            default => Verdict::of('hall.room', $values),
        };
    }
}
