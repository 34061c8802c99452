<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Roster;

/**
 * Lists of athletes as coaches keep them, written before the reader was: pasted from a spreadsheet, a chat, a sign-up form.
 * Common practice, no published source; every name is made up. Each with whom it holds: name, height in whole centimetres,
 * birth year, and the lines that need a look.
 */
final class UntidyLists
{
    /**
     * @return iterable<string, array{string, list<array{string, int, int|null}>, list<array{int, string}>}>
     */
    public static function all(): iterable
    {
        yield 'two columns from a spreadsheet' => ["Name\tHeight\nIlse Tannow\t168\nFemi Adarou\t183\n", [
            ['Ilse Tannow', 168, null],
            ['Femi Adarou', 183, null],
        ], []];
        yield 'no heading' => ["Ilse Tannow\t168\nFemi Adarou\t183", [['Ilse Tannow', 168, null], ['Femi Adarou', 183, null]], []];
        yield 'the height first' => ["168;Ilse Tannow\n183;Femi Adarou", [['Ilse Tannow', 168, null], ['Femi Adarou', 183, null]], []];
        yield 'headings in several words, the order of a form' => [
            "Timestamp;What is your first name?;And your last name?;Year of birth;How tall are you? (cm)\n"
                ."2026-09-01 18:02;Ilse;Tannow;1994;168\n2026-09-01 18:05;Femi;Adarou;2011;151",
            [['Ilse Tannow', 168, 1994], ['Femi Adarou', 151, 2011]],
            [],
        ];
        yield 'every way to write a height' => [
            "Athlete;Height\nIlse;172\nFemi;1,72 m\nPriya;5'8\"\nBram;5 ft 8\nLucía;5’8”\nKwabena;68 in\n"
                ."Signe;1.72\nDmitri;1m72\nNoor;172cm",
            [
                ['Ilse', 172, null], ['Femi', 172, null], ['Priya', 173, null], ['Bram', 173, null], ['Lucía', 173, null],
                ['Kwabena', 173, null], ['Signe', 172, null], ['Dmitri', 172, null], ['Noor', 172, null],
            ],
            [],
        ];
        yield 'decimal commas between commas' => [
            "Name,Height,Born\nIlse Tannow,1,68 m,1994\nFemi Adarou,1,83 m,1988",
            [['Ilse Tannow', 168, 1994], ['Femi Adarou', 183, 1988]],
            [],
        ];
        yield 'typed in a chat' => [
            "Tuesday group:\n- Ilse Tannow 168\n- Femi: 1,83 m\n* Priya Nandakar – 5'4\"\n4) Bram Oosterveel, 178 cm\n",
            [['Ilse Tannow', 168, null], ['Femi', 183, null], ['Priya Nandakar', 163, null], ['Bram Oosterveel', 178, null]],
            [],
        ];
        yield 'last name first, in quotes' => [
            "Name,Height\n\"Tannow, Ilse\",168\n\"Osei-Tull, Kwabena\",189",
            [['Ilse Tannow', 168, null], ['Kwabena Osei-Tull', 189, null]],
            [],
        ];
        yield 'a title, an empty line, columns that are no matter of ours' => [
            "Evening class 2026\t\t\t\n\t\t\t\nNo.\tName\tPhone\tHeight cm\n"
                ."1\tIlse Tannow\t0123 456789\t168\n2\tFemi Adarou\t0170 555333\t183",
            [['Ilse Tannow', 168, null], ['Femi Adarou', 183, null]],
            [],
        ];
        yield 'inches, said by the heading' => [
            "name,height (in)\nIlse,66\nFemi,72",
            [['Ilse', 168, null], ['Femi', 183, null]],
            [],
        ];
        yield 'days of birth, of which the year is kept' => [
            "Name;DOB;Height\nIlse;1994-03-12;168\nFemi;12/03/1988;183\nPriya;12.3.2011;163",
            [['Ilse', 168, 1994], ['Femi', 183, 1988], ['Priya', 163, 2011]],
            [],
        ];
        yield 'ages: the later of the two years, which is the careful one' => [
            "Name;Age;Height\nIlse;32;168\nFemi;14;151",
            [['Ilse', 168, 1994], ['Femi', 151, 2012]],
            [],
        ];
        yield 'headings of other tongues' => [
            "Nachname;Vorname;Körpergröße;Geburtsjahr\nTannow;Ilse;1,68;1994\nAdarou;Femi;1,83;1988",
            [['Ilse Tannow', 168, 1994], ['Femi Adarou', 183, 1988]],
            [],
        ];
        yield 'heights of everybody below a line of sums' => [
            "Name;Height\nIlse;168\nFemi;183\n;\nTotal;2",
            [['Ilse', 168, null], ['Femi', 183, null]],
            [[5, 'height']],
        ];
        yield 'three that need a look among five' => [
            "Name\tHeight\tBorn\nIlse\t168\t1994\nFemi\ttall\t1988\nPriya\t5.4\t2011\n\t178\t1990\nBram\t19\t",
            [['Ilse', 168, 1994]],
            [[3, 'height'], [4, 'height'], [5, 'name'], [6, 'height']],
        ];
        yield 'somebody twice' => [
            "Name;Height\nIlse Tannow;168\nFemi;183\nilse  tannow;169",
            [['Ilse Tannow', 168, null], ['Femi', 183, null]],
            [[4, 'name']],
        ];
        yield 'no height yet' => ["Name;Height\nIlse;168\nFemi;\n", [['Ilse', 168, null]], [[3, 'height']]];
        yield 'a birth year that can not be' => [
            "Name;Height;Born\nIlse;168;94\nFemi;183;2031",
            [],
            [[2, 'birthYear'], [3, 'birthYear']],
        ];
        yield 'names with all that names have' => [
            "Name;Height\nD’Arcy O'Neil-Ngũgĩ;168\n李 佳慧;159\nSir Robin (the 2nd);183",
            [['D’Arcy O\'Neil-Ngũgĩ', 168, null], ['李 佳慧', 159, null], ['Sir Robin (the 2nd)', 183, null]],
            [],
        ];
        yield 'drawn with strokes' => [
            "| Name | Height | Level |\n|------|--------|-------|\n| Ilse | 168 | singles |\n| Femi | 6'0\" | some doubles |",
            [['Ilse', 168, null], ['Femi', 183, null]],
            [],
        ];
        yield 'columns made of blanks' => [
            "Ilse Tannow      168    1994\nFemi Adarou      183    1988",
            [['Ilse Tannow', 168, null], ['Femi Adarou', 183, null]],
            [],
        ];
        yield 'the number first, and in brackets' => [
            "168 Ilse Tannow\n1,83 m Femi\nPriya Nandakar (163 cm)",
            [['Ilse Tannow', 168, null], ['Femi', 183, null], ['Priya Nandakar', 163, null]],
            [],
        ];
        yield 'feet and inches in columns of their own' => [
            "Athlete,Height ft,Height in\nIlse,5,6\nFemi,6,0\nPriya,5,",
            [['Ilse', 168, null], ['Femi', 183, null], ['Priya', 152, null]],
            [],
        ];
        yield 'feet with a point, which may be inches' => [
            "Name;Height (ft)\nIlse;5.6\nFemi;6\nPriya;5'4\"",
            [['Femi', 183, null], ['Priya', 163, null]],
            [[2, 'height']],
        ];
        yield 'a cell of two lines, quotes in quotes' => [
            "Name,Note,Height\n\"Ilse \"\"Il\"\" Tannow\",\"knee:\nask first\",168\nFemi,,183",
            [['Ilse "Il" Tannow', 168, null], ['Femi', 183, null]],
            [],
        ];
        yield 'other sizes beside the height' => [
            "Member name;Shoe size;Rope (cm);Jump height (cm);Body height;E-mail\n"
                ."Ilse;38;244;12;168;i@x.example\nFemi;44;267;20;183;f@x.example",
            [['Ilse', 168, null], ['Femi', 183, null]],
            [],
        ];
        yield 'a word of headings where a height should be' => [
            "Ilse Tannow 168\nFemi: tall\nBram 1,78 m",
            [['Ilse Tannow', 168, null], ['Bram', 178, null]],
            [[2, 'height']],
        ];
        yield 'weights before heights, no heading: 62 could be inches and is not' => [
            "Ilse Tannow,62,168\nFemi Adarou,81,183\nPriya Nandakar,58,163",
            [['Ilse Tannow', 168, null], ['Femi Adarou', 183, null], ['Priya Nandakar', 163, null]],
            [],
        ];
        yield 'headings cut short' => [
            "Child;D.O.B.;Ht.\nIlse;12.03.2012;1.51\nFemi;1.9.2013;148 cms",
            [['Ilse', 151, 2012], ['Femi', 148, 2013]],
            [],
        ];
        yield 'a heading that says the unit in words' => [
            "Full name;Height in feet;Emergency contact height\nIlse;5'6;\nFemi;6;\nPriya;5.4;",
            [['Ilse', 168, null], ['Femi', 183, null]],
            [[4, 'height']],
        ];
        yield 'names out of an address book' => [
            "Ilse Tannow <ilse@mail.example>\t168 centimetres\nFemi Adarou <femi@mail.example>\t5’ 11’’",
            [['Ilse Tannow', 168, null], ['Femi Adarou', 180, null]],
            [],
        ];
        yield 'heights written twice over' => [
            "Name;Height\nIlse;168 cm (5'6\")\nFemi;6'0\" / 183 cm",
            [],
            [[2, 'height'], [3, 'height']],
        ];
        yield 'a heading alone' => ["Name;Height\n", [], []];
        yield 'nothing' => ['', [], []];
        yield 'one column of names alone' => ["Ilse Tannow\nFemi Adarou", [], [[1, 'height'], [2, 'height']]];
    }
}
