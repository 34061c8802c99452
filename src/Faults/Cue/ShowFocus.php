<?php

declare(strict_types=1);

namespace Zumbo\App\Faults\Cue;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Entity\People\Focus;
use Zumbo\App\Entity\People\Focuses;
use Zumbo\App\Entity\People\FocusGoes;

/**
 * Shows a focus with the cue and the drill of how its athlete is taught.
 */
final readonly class ShowFocus
{
    public function __construct(
        private Focuses $focuses,
        private FocusGoes $goes,
        private Athletes $athletes,
        private Gyms $gyms,
        private ClockInterface $clock,
    ) {
    }

    public function one(Uuid $id): FocusView
    {
        return $this->view($this->focuses->get($id));
    }

    public function view(Focus $focus): FocusView
    {
        return FocusView::of(
            $focus,
            $this->gyms->current()->waysOf($this->athletes->get($focus->athleteId())),
            $this->goes->historyOf($focus->athleteId(), $this->clock->now()),
        );
    }
}
