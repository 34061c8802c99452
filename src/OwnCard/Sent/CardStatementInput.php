<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Sent;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\OwnCard\CardLinkInput;
use Zumbo\App\Shared\Health\StatementInput;

/**
 * That a professional cleared it: the athlete's own statement on their card, or the guardian's on theirs.
 */
final readonly class CardStatementInput
{
    public function __construct(
        #[Assert\Valid] public CardLinkInput $link,
        /** Made by the phone: sent twice, it counts once. */
        #[Assert\Uuid(versions: [7])] public string $mutationId,
        /** Which of what was noted. */
        #[Assert\Uuid(versions: [7])] public string $caution,
        /** The version that the card showed. */
        public int $version,
        #[Assert\Valid] public StatementInput $statement,
    ) {
    }
}
