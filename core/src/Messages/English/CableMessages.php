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
        'cable.right' => '{family}: right for this stage.',
        'cable.too_light' => '{family}: too light for this stage; without feel the arms take over. Change to {to}.',
        'cable.too_heavy' => '{family}: too heavy for this stage; it tires and makes doubles hard. Change to {to}.',
        'cable.next' => 'Next on the way from thick to thin: {to}, from the stage {stage} on.',
        'cable.next_wire' => 'Next on the way: {to}, from the stage {stage} on and with covered shins only: it hurts '
            .'when it whips skin.',
        'cable.whips' => 'It whips: cover the shins, and go back to a cord when the skin pays for it.',
    ];
}
