<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Rope\PartnerRope;
use Zumbo\Core\Rope\RopeSources;
use Zumbo\Core\Rope\TurnedRope;

/**
 * Sizes one rope for two people, and the pair that two turn for a third.
 */
final readonly class SizeShared
{
    public function __construct(private Athletes $athletes, private Gyms $gyms)
    {
    }

    public function of(SharedRopesInput $input): SharedRopesView
    {
        if ($input->one === $input->other) {
            throw BadField::of('other', $input->other, 'somebody else than the first');
        }
        [$one, $other] = [$this->body('one', $input->one), $this->body('other', $input->other)];
        $unit = $this->gyms->current()->unit();
        $face = PartnerRope::faceToFace($one, $other);
        $side = PartnerRope::sideBySide($one, $other);
        $turned =
            null === $input->jumper
                ? null
                : TurnedRope::of($one, $other, $this->body('jumper', $input->jumper), $input->apart());

        return new SharedRopesView(
            $face->cable->metres(),
            SentenceView::of($face->reason, $unit),
            $side->cable->metres(),
            SentenceView::of($side->reason, $unit),
            $turned?->cable->metres(),
            null === $turned ? null : SentenceView::of($turned->reason, $unit),
            SentenceView::of(RopeSources::partner(), $unit)->sentence,
            SentenceView::of(RopeSources::turned(), $unit)->sentence,
        );
    }

    private function body(string $field, string $id): Body
    {
        $athlete =
            $this->athletes->find(Uuid::fromString($id)) ??
            throw BadField::of($field, $id, 'the id of an athlete of this gym');

        return $athlete->toCore();
    }
}
