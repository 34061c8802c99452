<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages\English;

/**
 * What is said of the cable. ICU messages by the verdict's code.
 */
final class CableMessages
{
    public const ALL = [
        'cable.learning' => '{family}: heavy enough to be felt and heard while the beat is learned.',
        'cable.approaching' => '{family}: still felt, and light enough to be whipped through twice.',
        'cable.linking' => '{family}: little drag at the rate of linked doubles.',
        'cable.pull' => 'It pulls about {pull_n} N on each hand at {turns_per_min, plural, one {# turn} other {# '
            .'turns}} a minute.',
        'cable.whips' => 'It whips: cover the shins, and go back to a cord when the skin pays for it.',
    ];
}
