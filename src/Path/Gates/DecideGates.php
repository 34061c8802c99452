<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Gates;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Path\GateDecision;
use Zumbo\App\Entity\Path\GateDecisions;
use Zumbo\App\Entity\Path\GateDeed;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\Core\Path\GateChoice;
use Zumbo\Core\Stage\Stage;

/**
 * Sets and waives gates, takes a decision back and brings it back; each write once. Nothing is overwritten: the newest
 * decision counts.
 */
final readonly class DecideGates
{
    public function __construct(
        private GateDecisions $decisions,
        private NamedAthlete $athletes,
        private CoachName $name,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return bool true when it is new, false when the same request came before
     *
     * @throws BadField when that is no gate of the stage, or nobody here is called so
     */
    public function decide(UuidV7 $id, GateInput $input): bool
    {
        $input->check();

        return $this->writes->run($id, Subject::of('decide', 'gate', $id), $input, function () use ($id, $input): void {
            $this->decisions->add(new GateDecision(
                $this->scope->gymId(),
                $id,
                null === $input->athleteId ? null : $this->athletes->of($input->athleteId)->id(),
                Stage::from($input->stage),
                GateDeed::from($input->deed),
                GateChoice::from($input->choice),
                $input->count,
                $input->withFeet,
                trim($input->reason),
                $this->name->ofCurrent(),
                $this->clock->now(),
            ));
        });
    }

    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $this->change('remove', $id, $condition, fn (GateDecision $decision) => $decision->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->change('restore', $id, $condition, static fn (GateDecision $decision) => $decision->restore());
    }

    /** @param callable(GateDecision): void $change */
    private function change(string $verb, UuidV7 $id, WriteCondition $condition, callable $change): void
    {
        $find = fn (): GateDecision => $this->decisions->get($id);
        $this->writes->change($condition, Subject::of($verb, 'gate', $id), null, $find, $change, GateDecisionView::of(...));
    }
}
