<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Messages;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Body\Clearance;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Fault\FaultTable;
use Zumbo\Core\Fault\Place;
use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Gear\InspectionPoint;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\English\Sentences;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Messages\MessagePattern;
use Zumbo\Core\Messages\MissingMessage;
use Zumbo\Core\Rope\Reading;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Stage\Experience;
use Zumbo\Core\Stage\Phase;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Today\RopeAction;
use Zumbo\Core\Today\RopeState;
use Zumbo\Core\Today\StopWord;

final class MessageCatalogueTest extends TestCase
{
    private const COUNTS = [0, 1, 2, 5];

    public function testPrintsLengthsInTheCoachsUnit(): void
    {
        $values = ['cable_m' => 2.3416, 'overall_m' => 2.6416, 'added_m' => 0.9144];
        $verdict = Verdict::of('rope.rule_of_height', $values);
        self::assertSame(
            'Cable 234 cm: rule of height, overall 264 cm is height plus 91 cm.',
            MessageCatalogue::in(LengthUnit::Centimetre)->sentence($verdict),
        );
        self::assertStringContainsString(
            'overall 8\'8" is height plus 3\'0"',
            MessageCatalogue::in(LengthUnit::FootAndInch)->sentence($verdict),
        );
    }

    public function testAVerdictWithoutAMessageIsAMistakeInTheProgram(): void
    {
        $this->expectException(MissingMessage::class);
        self::say(Verdict::of('rope.unheard_of'));
    }

    public function testAMessageThatLacksAValueIsAMistakeInTheProgram(): void
    {
        $this->expectException(MissingMessage::class);
        self::say(Verdict::of('cable.pull', ['pull_n' => 2.8]));
    }

    /** The athlete is called as a fault is, the holder as a caution, the tag as a landmark. */
    public function testWhatPeopleTypedIsNeverTakenForVocabulary(): void
    {
        self::assertSame('tired needs a look', self::say(Verdict::of('class.needs_look', ['athlete' => 'tired'])));
        self::assertSame(
            'anne-lise needs a look',
            self::say(Verdict::of('class.needs_look', ['athlete' => 'anne-lise'])),
        );
        self::assertSame(
            'hip, 2 m, is nearer, but serves heart.',
            str_replace(
                '200 cm',
                '2 m',
                self::say(
                    Verdict::of('gear.nearer_serves', [
                        'tag' => 'hip',
                        'rope_m' => 2.0,
                        'holder' => 'heart',
                    ]),
                ),
            ),
        );
    }

    public function testBracesInWhatPeopleTypedStayAsTheyAre(): void
    {
        self::assertSame(
            '{reps, plural} ’o\'Hara needs a look',
            self::say(Verdict::of('class.needs_look', ['athlete' => '{reps, plural} ’o\'Hara'])),
        );
    }

    #[DataProvider('plurals')]
    public function testOneIsNotMany(string $code, string $value, int $count, string $said): void
    {
        $values = array_fill_keys(MessagePattern::arguments((string) Sentences::of($code)), 9);
        self::assertStringContainsString($said, self::say(Verdict::of($code, [$value => $count] + $values)));
    }

    /**
     * @return iterable<string, array{string, string, int, string}>
     */
    public static function plurals(): iterable
    {
        yield 'one miss' => ['weibull.few_misses', 'misses', 1, 'Only 1 miss: '];
        yield 'two misses' => ['weibull.few_misses', 'misses', 2, 'Only 2 misses: '];
        yield 'no miss' => ['weibull.few_misses', 'misses', 0, 'Only no miss: '];
        yield 'one trim' => ['trim.path', 'steps', 1, '1 trim from'];
        yield 'five trims' => ['trim.path', 'steps', 5, '5 trims from'];
        yield 'one month' => ['growth.measure_again', 'months', 1, 'Measured 1 month ago'];
        yield 'once in ten' => ['ladder.fits', 'in_ten', 1, 'about once in 10'];
        yield 'a comma in thousands' => ['load.within', 'contacts', 1200, 'About 1,200 contacts'];
    }

    /** Every message with 0, 1, 2 and 5, in both units: readable, nothing left open. */
    public function testEveryMessageRendersWithEveryCount(): void
    {
        $rendered = 0;
        foreach (Sentences::all() as $code => $pattern) {
            $names = MessagePattern::arguments($pattern);
            foreach (self::COUNTS as $count) {
                $values = [];
                foreach ($names as $name) {
                    $values[$name] = str_ends_with($name, '_m') ? 0.1 * $count : $count;
                }
                foreach (LengthUnit::cases() as $unit) {
                    $said = MessageCatalogue::in($unit)->sentence(Verdict::of($code, $values));
                    self::assertDoesNotMatchRegularExpression('/[{}#]|\s\s|^\s|\s$/', $said, $code);
                    self::assertStringNotContainsStringIgnoringCase('from memory', $said, $code);
                    self::assertDoesNotMatchRegularExpression(
                        '/(?<![\d.])1 (misses|trims|goes|reps|entries|contacts|landings|turns|jumps|months|passes|times)\b/',
                        $said,
                        $code,
                    );
                    ++$rendered;
                }
            }
        }
        self::assertSame(\count(Sentences::all()) * \count(self::COUNTS) * 2, $rendered);
        self::assertGreaterThan(150, \count(Sentences::all()));
    }

    public function testAMessagesValuesAreReadOutOfItsPattern(): void
    {
        self::assertSame(
            ['a', 'n', 'b'],
            MessagePattern::arguments('{a} and {n, plural, one {one {b}} other {# of {b}}}'),
        );
        self::assertSame(['too'], MessagePattern::arguments('{too, select, long {long} other {short}}'));
        self::assertSame([], MessagePattern::arguments('nothing'));
    }

    /** Every word that a verdict may carry has a label of its own. */
    public function testEveryWordOfTheVocabularyHasALabel(): void
    {
        $enums = [
            Stage::class,
            Phase::class,
            Experience::class,
            Caution::class,
            School::class,
            Stance::class,
            Reading::class,
            Landmark::class,
            RopeState::class,
            RopeAction::class,
            StopWord::class,
            Clearance::class,
            BodyPart::class,
            CableFamily::class,
            Sign::class,
            Place::class,
        ];
        $terms = array_map(
            Term::of(...),
            array_merge(...array_map(static fn (string $enum): array => $enum::cases(), $enums)),
        );
        foreach (['streak', 'tries', 'hold'] as $countKind) {
            $codes[] = 'gate.asked_'.$countKind;
        }
        foreach (InspectionPoint::cases() as $point) {
            $terms[] = Term::of($point)->as('failed-point');
        }
        foreach (FaultTable::codes() as $code) {
            $terms[] = Term::named('fault', $code);
        }
        foreach ($terms as $term) {
            self::assertStringNotContainsString('_', MessageCatalogue::name($term));
        }
        self::assertGreaterThan(130, \count($terms));
    }

    public function testAWordWithoutALabelIsAMistakeInTheProgram(): void
    {
        $this->expectException(MissingMessage::class);
        MessageCatalogue::name(Term::named('fault', 'unheard-of'));
    }

    /** Every code that the sources mention can be worded, and every message belongs to a code they mention. */
    public function testTheCatalogueAndTheSourcesKnowTheSameCodes(): void
    {
        $heads = array_unique(
            array_map(static fn (string $code): string => explode('.', $code)[0], array_keys(Sentences::all())),
        );
        $used = [];
        foreach (['core/src', 'src'] as $folder) {
            $root = \dirname(__DIR__, 3).'/'.$folder;
            foreach (
                new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file
            ) {
                if (!str_contains((string) $file, '/Messages/')) {
                    preg_match_all(
                        "/'((?:".implode('|', $heads).")\\.[a-z_]*[a-z])'/",
                        (string) file_get_contents((string) $file),
                        $found,
                    );
                    $used = [...$used, ...$found[1]];
                }
            }
        }
        $used = [...array_diff($used, ['gate.unknown', 'gate.asked']), ...self::composed()];
        $used = array_values(array_unique($used));
        $known = array_keys(Sentences::all());
        sort($used);
        sort($known);
        self::assertSame($known, $used);
    }

    /**
     * @return list<string> codes that are put together where they are used
     */
    private static function composed(): array
    {
        $codes = [];
        foreach (['unknown', 'hardly', 'once', 'in_ten', 'almost_always'] as $often) {
            foreach (['streak', 'tries', 'hold'] as $countKind) {
                $codes[] = "gate.{$often}_$countKind";
            }
        }
        foreach (['streak', 'tries', 'hold'] as $countKind) {
            $codes[] = 'gate.asked_'.$countKind;
        }
        foreach (InspectionPoint::cases() as $point) {
            $codes[] = 'inspect.'.$point->value;
        }
        foreach (Phase::cases() as $phase) {
            $codes[] = 'cable.'.$phase->value;
        }

        return [...$codes, 'entry.miss', 'entry.stopped', 'entry.time'];
    }

    private static function say(Verdict $verdict): string
    {
        return MessageCatalogue::in(LengthUnit::Centimetre)->sentence($verdict);
    }
}
