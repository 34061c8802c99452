<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Size\Picture;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\Hands;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\SideView;

/**
 * A cable, and where a coach has dragged the hands, in metres; what is left out is in its usual place.
 */
final readonly class ArcInput
{
    public function __construct(
        #[ReadableLength(Quantity::Cable)] public string $cable,
        /** Out from the body's middle. */
        #[Assert\Range(min: Hands::LEAST_OUT_M, max: Hands::MOST_OUT_M)] public ?float $leftOutM = null,
        #[Assert\Range(min: Hands::LEAST_HEIGHT_M, max: Hands::MOST_HEIGHT_M)] public ?float $leftHeightM = null,
        #[Assert\Range(min: Hands::LEAST_OUT_M, max: Hands::MOST_OUT_M)] public ?float $rightOutM = null,
        #[Assert\Range(min: Hands::LEAST_HEIGHT_M, max: Hands::MOST_HEIGHT_M)] public ?float $rightHeightM = null,
        /** Ahead of the ankles. */
        #[Assert\Range(min: SideView::LEAST_AHEAD_M, max: SideView::MOST_AHEAD_M)] public ?float $aheadM = null,
    ) {
    }

    public function cable(): Length
    {
        return LengthParser::parse($this->cable, Quantity::Cable->range());
    }

    public function hands(Length $usualHeight): Hands
    {
        $out = RopeSizing::USUAL_HAND_SPAN_M / 2;
        $height = $usualHeight->metres();

        return Hands::at(
            Length::ofMetres($this->leftOutM ?? $out),
            Length::ofMetres($this->leftHeightM ?? $height),
            Length::ofMetres($this->rightOutM ?? $out),
            Length::ofMetres($this->rightHeightM ?? $height),
        );
    }

    public function ahead(): ?Length
    {
        return null === $this->aheadM ? null : Length::ofMetres($this->aheadM);
    }
}
