<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Ropes\GivenRope;
use Zumbo\App\Entity\Ropes\Inspection;
use Zumbo\App\Entity\Ropes\OwnCable;
use Zumbo\App\Entity\Ropes\RackRope;
use Zumbo\Core\Gear\InspectionPoint;
use Zumbo\Core\Rope\Handle;

/**
 * The shared ropes of the demo gym, what their last inspection found, who had which the last evenings, and one cable
 * that was put on the kitchen scale.
 */
final readonly class DemoRack
{
    /** Tag → what failed. */
    private const FAILED = ['R8' => [InspectionPoint::NoKinks, InspectionPoint::CoatingWhole]];
    private const KEPT_BACK = ['R17'];
    private const INSPECTED_DAYS = 11;

    /** Who has no rope of their own → the tag they had. */
    private const HAD = ['Tomasz Wierzba' => 'R18', 'Yara Benmoussa' => 'R10'];

    public function __construct(private EntityManagerInterface $manager, private DemoIds $ids, private Uuid $gymId)
    {
    }

    public function hang(\DateTimeImmutable $day): void
    {
        foreach (SaltmarshBarbell::rack() as [$tag, $cableM, $family]) {
            $rope = new RackRope(
                $this->gymId,
                $this->ids->named('rack '.$tag),
                $tag,
                $cableM,
                Handle::USUAL_LENGTH_M,
                $family,
                \in_array($tag, self::KEPT_BACK, true),
            );
            $rope->inspect(
                Inspection::of(
                    $day->modify('-'.self::INSPECTED_DAYS.' days')->setTime(0, 0),
                    self::FAILED[$tag] ?? [],
                ),
            );
            $this->manager->persist($rope);
        }
        $this->manager->persist(
            new OwnCable($this->gymId, $this->ids->named('cable blue'), 'Blue coil, 2.6 mm', 0.0026, 2.0, 26.5),
        );
    }

    public function give(\DateTimeImmutable $day): void
    {
        foreach (self::HAD as $name => $tag) {
            foreach (DemoLog::CLASS_DAYS as $before) {
                $on = $day->modify("-$before days")->setTime(0, 0);
                $this->manager->persist(
                    new GivenRope(
                        $this->gymId,
                        $this->ids->named("given $name $before"),
                        $this->ids->named($name),
                        $this->ids->named('rack '.$tag),
                        $on,
                    ),
                );
            }
        }
    }
}
