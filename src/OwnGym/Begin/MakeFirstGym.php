<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Begin;

use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Access\FirstCode;
use Zumbo\App\Entity\Gym\AllGyms;
use Zumbo\App\Entity\Gym\Coaches;
use Zumbo\App\OwnGym\MakeGym;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Platform\Write\MutationReused;

/**
 * Makes the first gym of a machine beside the demo, for whoever has the code; once, however often it is sent.
 */
final readonly class MakeFirstGym
{
    public function __construct(
        private MakeGym $make,
        private AllGyms $gyms,
        private Coaches $coaches,
        private FirstCode $code,
    ) {
    }

    /**
     * @throws BadField       when the code is not the one, or the name or e-mail is taken
     * @throws MutationReused when there is a gym of that id with another owner
     */
    public function make(UuidV7 $id, FirstGymInput $input): void
    {
        if (null !== $this->gyms->called($id->toRfc4122())) {
            $owner = $this->coaches->byEmail($input->coach->email());
            if (true !== $owner?->gymId()->equals($id)) {
                throw MutationReused::of($id);
            }

            return;
        }
        $this->make->make($input->gym, $input->coach, $id, function () use ($input): void {
            if (!$this->gyms->noneButTheDemo() || !$this->code->takeUp($input->code)) {
                throw BadField::of('code', null, 'the code that ./zumbo start printed', 'That is not the code. Run ./zumbo start on the '
                    .'machine again: it prints the one that is good, as long as there is no gym.');
            }
        });
    }
}
