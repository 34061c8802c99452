<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Sent;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Card\CardAside;
use Zumbo\App\Entity\Card\CardAsides;
use Zumbo\App\Entity\Card\CardHolder;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Health\NotedCaution;
use Zumbo\App\Entity\Health\NotedCautions;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\OwnCard\DeadCard;
use Zumbo\App\OwnCard\HeldCard;
use Zumbo\App\OwnCard\Shown\OwnCardView;
use Zumbo\App\OwnCard\Shown\ShowCard;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Clock\PastInstant;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\Entries\AddEntry;
use Zumbo\App\Shared\Health\TakeStatement;

/**
 * Writes what an athlete does on their own card: each thing once, about nobody else.
 */
final readonly class WriteOnCard
{
    public function __construct(
        private AddEntry $add,
        private ReadCardEntry $read,
        private Attempts $attempts,
        private DaySums $sums,
        private CardAsides $asides,
        private NotedCautions $noted,
        private TakeStatement $statement,
        private ShowCard $show,
        private Gyms $gyms,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @throws DeadCard when it was made after the link ended */
    public function log(HeldCard $held, CardEntryInput $input): CardSentView
    {
        $entry = $this->read->of($input);
        $held->orRefuseAt($entry->at);
        $id = Uuid::fromString($input->id);
        $aside = !$held->card->holdsAt($this->clock->now());
        $kept = json_encode($input, \JSON_THROW_ON_ERROR);
        $this->writes->run(
            $id,
            Subject::of('count', 'attempt', $id),
            $input,
            fn () => $aside
                ? $this->asides->add(new CardAside($this->scope->gymId(), $id, $held->athlete->id(), $entry->at, $kept))
                : $this->add->to($held->athlete, $id, $entry, $held->writer(), true),
        );

        // What had arrived before the link ended is in the log, though its answer was lost and it comes again.
        return new CardSentView(null !== $this->asides->find($id));
    }

    /** @throws UnknownRow when the athlete has counted no such entry */
    public function takeBack(HeldCard $held, UuidV7 $id, TakeBackInput $input): CardSentView
    {
        $mutation = Uuid::fromString($input->mutationId);
        $this->writes->run($mutation, Subject::of('remove', 'attempt', $id), null, function () use ($held, $id): void {
            $attempt = $this->attempts->get($id);
            if (!$attempt->isSelfReported() || !$attempt->athleteId()->equals($held->athlete->id())) {
                throw UnknownRow::of('attempt', $id);
            }
            if (!$attempt->isRemoved()) {
                $attempt->remove($this->clock->now());
                $this->sums->renew($attempt->setId());
            }
        });

        return new CardSentView(false);
    }

    /**
     * Noted even where the link has ended since: it only ever takes jumps away.
     *
     * @throws DeadCard when it was noted after the link ended
     */
    public function pain(HeldCard $held, CardPainInput $input): CardSentView
    {
        $caution = $input->caution();
        $at = PastInstant::of('at', $input->at, $this->clock->now());
        $held->orRefuseAt($at);
        $id = Uuid::fromString($input->id);
        $this->writes->run($id, Subject::of('note', 'caution', $id), $input->noted(), fn () => $this->noted->add(new NotedCaution(
            $this->scope->gymId(),
            $id,
            $held->athlete->id(),
            $caution,
            $input->place(),
            $input->degree,
            '',
            null,
            LocalDay::of($at, $this->gyms->current()->timeZone()),
            $at,
            $held->writer(),
        )));

        return new CardSentView(false);
    }

    /** @throws BadField when the statement is not the right person's */
    public function state(HeldCard $held, CardStatementInput $input): void
    {
        $id = Uuid::fromString($input->caution);
        $by = $held->card->holder()->states()->value;
        if ($input->statement->statedBy !== $by) {
            throw BadField::of('statement.statedBy', $input->statement->statedBy, $by.': whose card it is');
        }
        $this->writes->change(
            WriteCondition::of(UuidV7::fromString($input->mutationId), $input->version),
            Subject::of('state', 'caution', $id),
            $input->statement,
            fn (): NotedCaution => $this->theirs($held, $id),
            fn (NotedCaution $noted) => $this->statement->lift(
                $noted,
                $input->statement,
                CardHolder::Guardian === $held->card->holder() ? 'the guardian\'s card' : 'their own card',
            ),
            fn (): OwnCardView => $this->show->of($held),
        );
    }

    private function theirs(HeldCard $held, Uuid $id): NotedCaution
    {
        $noted = $this->noted->get($id);

        return $noted->athleteId()->equals($held->athlete->id()) ? $noted : throw UnknownRow::of('caution', $id);
    }
}
