<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cable;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\Ropes\OwnCables;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\CableVerdictView;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Cable\CableAdvice;
use Zumbo\Core\Cable\CableCharacter;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\CableNeeds;
use Zumbo\Core\Cable\HandlePull;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\TurningRope;

/**
 * Compares all cables at the length of an athlete's rope, or of the one that would be sized for them.
 */
final readonly class ShowCables
{
    public function __construct(
        private Athletes $athletes,
        private JudgeToday $judge,
        private OwnCables $own,
        private Gyms $gyms,
    ) {
    }

    public function forAthlete(Uuid $id): CablesView
    {
        $athlete = $this->athletes->get($id);
        $gym = $this->gyms->current();
        $judged = $this->judge->athlete($athlete);
        $cable = $judged->cable();
        if (null === $cable) {
            return CablesView::open(CableVerdictView::of($judged->today->cable), $gym->unit());
        }
        $rope = TurningRope::ofCable($cable, Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M));
        $advice = CableAdvice::forStage($athlete->stage(), $rope);
        $rows = array_map(
            static fn (CableFamily $family): CableRowView => CableRowView::of(
                CableCharacter::ofFamily($family, $rope),
                MessageCatalogue::name(Term::of($family)),
                CableNeeds::mayHave($athlete->stage(), $family),
                $family === $advice->family,
            ),
            CableFamily::cases(),
        );
        foreach ($this->own->present() as $own) {
            $character = CableCharacter::of($own->piece()->density, $own->diameterM(), $rope);
            $rows[] = CableRowView::of(
                $character,
                $own->name(),
                CableNeeds::mayHave($athlete->stage(), $character->like),
                false,
                $own->id()->toRfc4122(),
                $own->version(),
            );
        }

        return new CablesView(
            $cable->metres(),
            $rows,
            SentenceView::listOf($advice->reasons, $gym->unit()),
            HandlePull::LEARNING_TURNS_PER_MINUTE,
            CableCharacter::DOUBLES_TURNS_PER_MINUTE,
            CableVerdictView::of($judged->today->cable),
            CableSourcesView::in($gym->unit()),
        );
    }
}
