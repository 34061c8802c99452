<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Cable;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\Ropes\OwnCables;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Cable\CableAdvice;
use Zumbo\Core\Cable\CableCharacter;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\HandlePull;
use Zumbo\Core\Gear\RopeMatch;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\RopeAdvice;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\TurningRope;

/**
 * Compares all cables at the length of an athlete's rope, or of the one that would be sized for them.
 */
final readonly class ShowCables
{
    public function __construct(
        private Athletes $athletes,
        private Ropes $ropes,
        private OwnCables $own,
        private Gyms $gyms,
    ) {
    }

    public function forAthlete(Uuid $id): CablesView
    {
        $athlete = $this->athletes->get($id);
        $gym = $this->gyms->current();
        $cableM =
            $this->ropes->currentOf($id)?->spec()->cableLengthM ??
            RopeAdvice::forBody(
                $athlete->toCore(),
                $athlete->stage(),
                $gym->trimSchoolOf($athlete),
            )->rope->cable->metres();
        $rope = TurningRope::ofCable(Length::ofMetres($cableM), Length::ofMetres(RopeSizing::USUAL_HAND_SPAN_M));
        $advice = CableAdvice::forStage($athlete->stage(), $rope);
        $rows = array_map(
            static fn (CableFamily $family): CableRowView => CableRowView::of(
                CableCharacter::ofFamily($family, $rope),
                MessageCatalogue::name(Term::of($family)),
                RopeMatch::mayHave($athlete->stage(), $family),
                $family === $advice->family,
            ),
            CableFamily::cases(),
        );
        foreach ($this->own->present() as $cable) {
            $character = CableCharacter::of($cable->piece()->density, $cable->diameterM(), $rope);
            $rows[] = CableRowView::of(
                $character,
                $cable->name(),
                RopeMatch::mayHave($athlete->stage(), $character->like),
                false,
                $cable->id()->toRfc4122(),
                $cable->version(),
            );
        }

        return new CablesView(
            $cableM,
            $rows,
            SentenceView::listOf($advice->reasons, $gym->unit()),
            HandlePull::LEARNING_TURNS_PER_MINUTE,
            CableCharacter::DOUBLES_TURNS_PER_MINUTE,
            CableSourcesView::in($gym->unit()),
        );
    }
}
