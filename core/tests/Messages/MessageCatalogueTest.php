<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Messages;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Gear\InspectionPoint;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Messages\MissingMessage;

final class MessageCatalogueTest extends TestCase
{
    public function testPrintsLengthsInTheCoachsUnit(): void
    {
        $verdict = Verdict::of('rope.rule_of_height', ['cable_m' => 2.3416, 'overall_m' => 2.6416]);
        self::assertSame(
            'Cable 234 cm: rule of height, overall 264 cm is height plus 91 cm (3 ft).',
            MessageCatalogue::in(LengthUnit::Centimetre)->sentence($verdict),
        );
        self::assertStringContainsString(
            'overall 8\'8"',
            MessageCatalogue::in(LengthUnit::FootAndInch)->sentence($verdict),
        );
    }

    public function testAVerdictWithoutASentenceIsAMistakeInTheProgram(): void
    {
        $this->expectException(MissingMessage::class);
        MessageCatalogue::in(LengthUnit::Centimetre)->sentence(Verdict::of('rope.unheard_of'));
    }

    public function testASentenceThatLacksAValueIsAMistakeInTheProgram(): void
    {
        $this->expectException(MissingMessage::class);
        MessageCatalogue::in(LengthUnit::Centimetre)->sentence(Verdict::of('cable.pull', ['pull_n' => 2.8]));
    }

    /** Every code that the core's sources mention can be worded, and every sentence belongs to a code they mention. */
    public function testTheCatalogueAndTheCoreKnowTheSameCodes(): void
    {
        $used = [];
        $files = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator(__DIR__.'/../../src', \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($files as $file) {
            if (str_ends_with((string) $file, 'Catalogue.php')) {
                continue;
            }
            preg_match_all(
                "/'((?:rope|fit|cable|caution|arc|gate|set|weibull|pacing|ladder|load|fault|cue|growth|trim|gear|tails|partner|turned|frames|rhythm|sound)\.[a-z_]+)'/",
                (string) file_get_contents((string) $file),
                $found,
            );
            $used = [...$used, ...$found[1]];
        }
        // CableAdvice composes a code from the phase, GateOutlook one from how often and what is measured.
        $used = array_diff($used, ['gate.', 'gate.unknown_']);
        // The application says the log and the title of the class.
        $used = [
            ...$used,
            'entry.miss',
            'entry.stopped',
            'entry.time',
            'entry.tries',
            'entry.hold',
            'entry.sum',
            'class.nobody',
            'class.ready',
            'class.running',
            'class.needs_look',
        ];
        foreach (['unknown', 'hardly', 'once', 'in_ten', 'almost_always'] as $often) {
            foreach (['streak', 'tries', 'hold'] as $measure) {
                $used[] = "gate.{$often}_$measure";
            }
        }
        // InspectionPoint composes one from each point; the app words cut lists and the explorer, says that the tails are cut, and that a length is from today.
        foreach (InspectionPoint::cases() as $point) {
            $used[] = 'inspect.'.$point->value;
        }
        $used = array_unique([
            ...$used,
            'cut.proven',
            'cut.bound',
            'explorer.contact_first',
            'explorer.wide_hands',
            'tails.cut',
            'trim.once_a_session',
            'cable.learning',
            'cable.approaching',
            'cable.linking',
        ]);
        $known = MessageCatalogue::codes();
        sort($used);
        sort($known);
        self::assertSame($used, $known);
    }
}
