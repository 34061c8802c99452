<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Keep;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Card\AthleteCard;
use Zumbo\App\Entity\Card\AthleteCards;
use Zumbo\App\Entity\Card\CardAside;
use Zumbo\App\Entity\Card\CardAsides;
use Zumbo\App\Entity\Card\CardHolder;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\OwnCard\Sent\ReadCardEntry;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\Entries\AddEntry;
use Zumbo\App\Shared\Health\TakeStatement;
use Zumbo\App\Shared\People\NamedAthlete;

/**
 * Hands out links to athletes' own cards, takes them back, and decides about what a withdrawn one sent.
 */
final readonly class KeepCards
{
    private const KIND = 'card';

    public function __construct(
        private AthleteCards $cards,
        private CardAsides $asides,
        private ReadCardEntry $read,
        private AddEntry $add,
        private Athletes $athletes,
        private NamedAthlete $named,
        private TakeStatement $statement,
        private CoachName $name,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** @throws UnknownRow when this gym has no such athlete */
    public function of(Uuid $athlete): CardLinksView
    {
        $id = $this->athletes->get($athlete)->id();
        $now = $this->clock->now();

        return new CardLinksView(
            array_map(static fn (AthleteCard $card): CardLinkView => CardLinkView::of($card, $now), $this->cards->ofAthlete($id)),
            array_map(
                fn (CardAside $aside): AsideView => AsideView::of($aside, $this->read->kept($aside->entry())),
                $this->asides->ofAthlete($id),
            ),
            $this->statement->isMinor($id),
            $this->scope->gymId()->toRfc4122(),
        );
    }

    /** @throws BadField when this gym has no such athlete */
    public function make(UuidV7 $id, OwnCardInput $input): CardLinksView
    {
        $athlete = $this->named->of($input->athleteId);
        $this->writes->run($id, Subject::of('make', self::KIND, $id), $input, function () use ($id, $input, $athlete): void {
            $now = $this->clock->now();
            $this->cards->add(new AthleteCard(
                $this->scope->gymId(),
                $id,
                $athlete->id(),
                CardHolder::from($input->holder),
                $input->secret,
                $this->name->ofCurrent(),
                $now,
                $now->modify(\sprintf('+%d days', $input->days)),
            ));
        });

        return $this->of($athlete->id());
    }

    public function takeBack(UuidV7 $id, WriteCondition $condition): CardLinksView
    {
        $this->writes->change(
            $condition,
            Subject::of('take-back', self::KIND, $id),
            null,
            fn (): AthleteCard => $this->cards->get($id),
            fn (AthleteCard $card) => $card->remove($this->clock->now()),
            fn (AthleteCard $card): CardLinksView => $this->of($card->athleteId()),
        );

        return $this->of($this->cards->get($id)->athleteId());
    }

    /** @param bool $keep into the log, as the athlete counted it; else it is dropped */
    public function decide(UuidV7 $id, bool $keep, WriteCondition $condition): CardLinksView
    {
        $this->writes->change(
            $condition,
            Subject::of($keep ? 'keep' : 'drop', $keep ? 'attempt' : self::KIND, $id),
            null,
            fn (): CardAside => $this->waiting($id),
            function (CardAside $aside) use ($keep): void {
                $aside->remove($this->clock->now());
                if ($keep) {
                    $athlete = $this->athletes->get($aside->athleteId());
                    $entry = $this->read->kept($aside->entry());
                    $this->add->to($athlete, $aside->id(), $entry, $athlete->profile()->name, true);
                }
            },
            fn (CardAside $aside): CardLinksView => $this->of($aside->athleteId()),
        );

        return $this->of($this->asides->get($id)->athleteId());
    }

    private function waiting(UuidV7 $id): CardAside
    {
        $aside = $this->asides->get($id);

        return $aside->isRemoved() ? throw BadField::of('id', $id->toRfc4122(), 'an entry that nobody has decided about') : $aside;
    }
}
