<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Path;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gym;
use Zumbo\App\Entity\Path\GateDecision;
use Zumbo\App\Entity\Path\GateDecisions;
use Zumbo\App\Entity\Path\GateDeed;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\GatesInForce;

/**
 * Which gates are asked of athletes: what is usual, what their gym asks, what a coach decided for one.
 */
final readonly class ReadGates
{
    public function __construct(private GateDecisions $decisions)
    {
    }

    /**
     * @param list<Athlete> $athletes
     *
     * @return array<string, GatesInForce> by athlete id
     */
    public function of(array $athletes, Gym $gym, ?Uuid $only = null): array
    {
        $decided = [];
        foreach ($this->decisions->standing($only) as $decision) {
            $decided[$decision->athleteId()?->toRfc4122() ?? ''][] = $decision;
        }
        $gates = [];
        foreach ($athletes as $athlete) {
            $id = $athlete->id()->toRfc4122();
            $gates[$id] = array_reduce(
                [...$decided[''] ?? [], ...self::ownOf($decided[$id] ?? [])],
                self::decided(...),
                GatesInForce::usual($gym->waysOf($athlete)),
            );
        }

        return $gates;
    }

    /** What is asked of everybody. */
    public function ofGym(Ways $ways): GatesInForce
    {
        return array_reduce(
            array_filter($this->decisions->standing(), static fn (GateDecision $one): bool => null === $one->athleteId()),
            self::decided(...),
            GatesInForce::usual($ways),
        );
    }

    /**
     * The newest of each stage; who is asked the usual again is asked what the gym asks.
     *
     * @param list<GateDecision> $decisions about one athlete, the oldest first
     *
     * @return list<GateDecision>
     */
    private static function ownOf(array $decisions): array
    {
        $newest = [];
        foreach ($decisions as $decision) {
            $newest[$decision->stage()->value] = $decision;
        }

        return array_values(array_filter(
            $newest,
            static fn (GateDecision $decision): bool => GateDeed::Usual !== $decision->deed(),
        ));
    }

    private static function decided(GatesInForce $gates, GateDecision $decision): GatesInForce
    {
        return GateDeed::Waived === $decision->deed()
            ? $gates->waiving($decision->stage(), $decision->reason())
            : $gates->asking($decision->stage(), $decision->setting());
    }
}
