<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\OwnCard\Sent\CardEffortInput;
use Zumbo\App\OwnCard\Sent\CardPainInput;
use Zumbo\App\OwnCard\Sent\CardSentView;
use Zumbo\App\OwnCard\Sent\CardStatementInput;
use Zumbo\App\OwnCard\Sent\SayEffort;
use Zumbo\App\OwnCard\Sent\SentEntryInput;
use Zumbo\App\OwnCard\Sent\TakeBackInput;
use Zumbo\App\OwnCard\Sent\WriteOnCard;
use Zumbo\App\OwnCard\Shown\OwnCardView;
use Zumbo\App\OwnCard\Shown\ShowCard;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;

/**
 * What an athlete's own card asks and sends. Open to anybody: the link's secret is the guard, sent in the body so that no log has it.
 */
#[Route('/api/card', methods: ['POST'])]
final readonly class CardController
{
    public function __construct(private OpenCard $open, private ShowCard $show, private WriteOnCard $write, private SayEffort $effort)
    {
    }

    #[Route('')]
    #[Answers(OwnCardView::class, says: 'An athlete\'s own card, for whoever holds its link.')]
    public function look(#[FromBody] CardLinkInput $link, Request $request): OwnCardView
    {
        return $this->show->of($this->open->now($link, $request));
    }

    #[Route('/entries')]
    #[Answers(CardSentView::class, says: 'An entry that the athlete counted; made before the link was taken back, it is kept aside.')]
    public function log(#[FromBody] SentEntryInput $input, Request $request): CardSentView
    {
        return $this->write->log($this->open->held($input->link, $request), $input->entry);
    }

    #[Route('/entries/{id}/take-back')]
    #[Answers(CardSentView::class, says: 'The athlete takes an entry of their own back.')]
    public function takeBack(UuidV7 $id, #[FromBody] TakeBackInput $input, Request $request): CardSentView
    {
        return $this->write->takeBack($this->open->now($input->link, $request), $id, $input);
    }

    #[Route('/pain')]
    #[Answers(CardSentView::class, says: 'The athlete notes pain or a warning sign: jumping is off at once.')]
    public function pain(#[FromBody] CardPainInput $input, Request $request): CardSentView
    {
        return $this->write->pain($this->open->held($input->link, $request), $input);
    }

    #[Route('/effort')]
    #[Answers(CardSentView::class, says: 'The athlete says how hard a session felt.')]
    public function effort(#[FromBody] CardEffortInput $input, Request $request): CardSentView
    {
        return $this->effort->of($this->open->now($input->link, $request), $input);
    }

    #[Route('/statement')]
    #[Answers(OwnCardView::class, says: 'The athlete states that a professional cleared them.')]
    public function state(#[FromBody] CardStatementInput $input, Request $request): OwnCardView
    {
        $held = $this->open->now($input->link, $request);
        $this->write->state($held, $input);

        return $this->show->of($held);
    }
}
