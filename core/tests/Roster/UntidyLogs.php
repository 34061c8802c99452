<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Roster;

/**
 * Logs as coaches keep them in a spreadsheet or a notebook, written before the reader was; common practice, no published
 * source, every name is made up. All are read on Tuesday, 24 November 2026, in a gym that has Ilse Tannow, Femi Adarou, Priya
 * Nandakar, Lucía Ferrán and two called Bram: Oosterveel and Hale. Each with what it holds: name, day, reps and misses, and
 * the lines that need a look.
 */
final class UntidyLogs
{
    public const TODAY = '2026-11-24';
    public const KNOWN = [
        'Ilse Tannow',
        'Femi Adarou',
        'Priya Nandakar',
        'Lucía Ferrán',
        'Bram Oosterveel',
        'Bram Hale',
    ];

    /**
     * @return iterable<string, array{string, list<array{string, string, int, int|null}>, list<array{int, string}>}>
     */
    public static function all(): iterable
    {
        yield 'as asked for' => ["date,name,reps,misses\n2026-11-03,Ilse Tannow,38,2\n2026-11-05,Femi Adarou,12,7\n", [
            ['Ilse Tannow', '2026-11-03', 38, 2],
            ['Femi Adarou', '2026-11-05', 12, 7],
        ], []];
        yield 'tabs, another order, more columns' => [
            "Athlete\tTrips\tDU reps\tComment\tDay\nIlse Tannow\t2\t38\ttired\t3 Nov 2026\nFemi\t7\t12\t\t5 Nov 2026\n",
            [['Ilse Tannow', '2026-11-03', 38, 2], ['Femi Adarou', '2026-11-05', 12, 7]],
            [],
        ];
        yield 'no heading' => ["03.11.2026;Ilse;38;2\n05.11.26;Femi;12;7\n", [
            ['Ilse Tannow', '2026-11-03', 38, 2],
            ['Femi Adarou', '2026-11-05', 12, 7],
        ], []];
        yield 'no misses: each line a go' => ["Date;Who;Unbroken\n3/11/2026;Ilse;38\n17/11/2026;Femi;12\n", [
            ['Ilse Tannow', '2026-11-03', 38, null],
            ['Femi Adarou', '2026-11-17', 12, null],
        ], []];
        yield 'month first, as one line shows' => ["date,name,reps,misses\n11/3/2026,Ilse,38,2\n11/17/2026,Femi,12,7\n", [
            ['Ilse Tannow', '2026-11-03', 38, 2],
            ['Femi Adarou', '2026-11-17', 12, 7],
        ], []];
        yield 'nothing shows which is the month' => ["date,name,reps,misses\n3/4/2026,Ilse,38,2\n5/6/2026,Femi,12,7\n", [], [
            [2, 'date'],
            [3, 'date'],
        ]];
        yield 'the same number twice is one day' => ["date,name,reps,misses\n4/4/2026,Ilse,38,2\n", [
            ['Ilse Tannow', '2026-04-04', 38, 2],
        ], []];
        yield 'one reading is still to come' => ["date,name,reps,misses\n12/11/2026,Ilse,38,2\n", [
            ['Ilse Tannow', '2026-11-12', 38, 2],
        ], []];
        yield 'days without a year are the last of that name' => ["24 Nov;Ilse;38;2\n3 Dec;Femi;12;7\n", [
            ['Ilse Tannow', '2026-11-24', 38, 2],
            ['Femi Adarou', '2025-12-03', 12, 7],
        ], []];
        yield 'words around a day' => [
            "When\tWho\tReps\tMisses\nTue, 3rd November 2026\tIlse\t38\t2\nNov 5, 2026\tFemi\t12\t7\nThursday 12-Nov-26\tPriya\t9\t0\n",
            [
                ['Ilse Tannow', '2026-11-03', 38, 2], ['Femi Adarou', '2026-11-05', 12, 7],
                ['Priya Nandakar', '2026-11-12', 9, 0],
            ],
            [],
        ];
        yield 'a day with its hour' => ["date,name,reps,misses\n2026-11-03 18:40,Ilse,38,2\n2026-11-05T18:40:00Z,Femi,12,7\n", [
            ['Ilse Tannow', '2026-11-03', 38, 2],
            ['Femi Adarou', '2026-11-05', 12, 7],
        ], []];
        yield 'days as a spreadsheet counts them' => ["date,name,reps,misses\n46329,Ilse,38,2\n46331,Femi,12,7\n", [
            ['Ilse Tannow', '2026-11-03', 38, 2],
            ['Femi Adarou', '2026-11-05', 12, 7],
        ], []];
        yield 'other languages' => [
            "Datum;Name;Wdh.;Fehler\n3. Okt. 2026;Ilse;38;2\n5. März 2026;Femi;12;7\n",
            [['Ilse Tannow', '2026-10-03', 38, 2], ['Femi Adarou', '2026-03-05', 12, 7]],
            [],
        ];
        yield 'names as one writes them in a hurry' => [
            "date,name,reps,misses\n2026-11-03,ilse,38,2\n2026-11-03,\"Adarou, Femi\",12,7\n2026-11-03,lucia,9,1\n"
                ."2026-11-03,Bram O.,20,3\n2026-11-03,Priya N,15,2\n",
            [
                ['Ilse Tannow', '2026-11-03', 38, 2], ['Femi Adarou', '2026-11-03', 12, 7], ['Lucía Ferrán', '2026-11-03', 9, 1],
                ['Bram Oosterveel', '2026-11-03', 20, 3], ['Priya Nandakar', '2026-11-03', 15, 2],
            ],
            [],
        ];
        yield 'who is it?' => ["date,name,reps,misses\n2026-11-03,Bram,20,3\n2026-11-03,Tomasz,9,1\n2026-11-03,,9,1\n", [], [
            [2, 'name'],
            [3, 'name'],
            [4, 'name'],
        ]];
        yield 'counts with words' => ["date,name,reps,misses\n2026-11-03,Ilse,38 reps,2 misses\n2026-11-03,Femi,12x,none\n", [
            ['Ilse Tannow', '2026-11-03', 38, 2],
            ['Femi Adarou', '2026-11-03', 12, 0],
        ], []];
        yield 'no counts' => [
            "date,name,reps,misses\n2026-11-03,Ilse,many,2\n2026-11-03,Femi,12,\n2026-11-03,Priya,-4,1\n2026-11-03,Lucía,12.5,1\n",
            [],
            [[2, 'reps'], [3, 'misses'], [4, 'reps'], [5, 'reps']],
        ];
        yield 'days that are none, or not yet' => [
            "date,name,reps,misses\n31/02/2026,Ilse,38,2\n2026-12-24,Femi,12,7\nsome day,Priya,9,1\n,Lucía,9,1\n",
            [],
            [[2, 'date'], [3, 'date'], [4, 'date'], [5, 'date']],
        ];
        yield 'the day once, for all below it' => [
            "Date\tName\tReps\tMisses\n3 Nov 2026\tIlse\t38\t2\n\tFemi\t12\t7\n5 Nov 2026\tIlse\t40\t1\n",
            [
                ['Ilse Tannow', '2026-11-03', 38, 2], ['Femi Adarou', '2026-11-03', 12, 7],
                ['Ilse Tannow', '2026-11-05', 40, 1],
            ],
            [],
        ];
        yield 'a title and sums at the end' => [
            "Double unders autumn\n\nDate;Name;Reps;Misses\n2026-11-03;Ilse;38;2\n2026-11-05;Ilse;40;1\nTotal;;78;3\n",
            [['Ilse Tannow', '2026-11-03', 38, 2], ['Ilse Tannow', '2026-11-05', 40, 1]],
            [[6, 'date']],
        ];
        yield 'two sets of the same evening' => ["date,name,reps,misses\n2026-11-03,Ilse,20,1\n2026-11-03,Ilse,20,1\n", [
            ['Ilse Tannow', '2026-11-03', 20, 1],
            ['Ilse Tannow', '2026-11-03', 20, 1],
        ], []];
        yield 'first and last name apart' => ["Day,First name,Last name,Count,Fails\n2026-11-03,Bram,Hale,20,1\n", [
            ['Bram Hale', '2026-11-03', 20, 1],
        ], []];
    }

    /**
     * Of other kinds, written after the reader was.
     *
     * @return iterable<string, array{string, list<array{string, string, int, int|null}>, list<array{int, string}>}>
     */
    public static function others(): iterable
    {
        yield 'a day alone above its lines' => [
            "Date;Name;Reps;Misses\n3 Nov 2026;;;\n;Ilse;38;2\n;Femi;12;7\nWeek 45;;;\n;Priya;9;1\n",
            [['Ilse Tannow', '2026-11-03', 38, 2], ['Femi Adarou', '2026-11-03', 12, 7]],
            [[6, 'date']],
        ];
        yield 'thousands are no decimals' => ["date,name,reps,misses\n2026-11-03,Ilse,\"1,000\",2\n2026-11-03,Femi,1000.0,7\n", [
            ['Femi Adarou', '2026-11-03', 1000, 7],
        ], [[2, 'reps']]];
        yield 'several sets in a cell' => ["date,name,reps,misses\n2026-11-03,Ilse,20+18,2\n2026-11-03,Femi,\"15, 12\",7\n", [], [
            [2, 'reps'],
            [3, 'reps'],
        ]];
        yield 'shouted, with more blanks' => ["DATE\tNAME\tREPS\tMISSES\n2026-11-03\t  ILSE   TANNOW \t38\t2\n", [
            ['Ilse Tannow', '2026-11-03', 38, 2],
        ], []];
        yield 'misses before reps without a heading are read as they stand' => ["2026-11-03\tIlse\t2\t38\n", [
            ['Ilse Tannow', '2026-11-03', 2, 38],
        ], []];
        yield 'month first in words and numbers' => ["date,name,reps,misses\n\"November 3, 2026\",Ilse,38,2\n11/24/26,Femi,12,7\n", [
            ['Ilse Tannow', '2026-11-03', 38, 2],
            ['Femi Adarou', '2026-11-24', 12, 7],
        ], []];
        yield 'both orders in one list' => [
            "date,name,reps,misses\n13/10/2026,Ilse,38,2\n10/14/2026,Femi,12,7\n3/4/2026,Priya,9,1\n",
            [['Ilse Tannow', '2026-10-13', 38, 2], ['Femi Adarou', '2026-10-14', 12, 7]],
            [[4, 'date']],
        ];
        yield 'columns nobody asked for, with numbers' => [
            "No;Date;Name;Weight;Best;Trips\n1;2026-11-03;Ilse;61;38;2\n2;2026-11-03;Femi;84;12;7\n",
            [['Ilse Tannow', '2026-11-03', 38, 2], ['Femi Adarou', '2026-11-03', 12, 7]],
            [],
        ];
        yield 'a time, a place and a coach' => [
            "Time;Coach;Athlete;Max DU;Missed;Date\n18:30;Maren;Ilse;38;2;3/11\n18:30;Maren;Femi;12;7;17/11\n",
            [['Ilse Tannow', '2026-11-03', 38, 2], ['Femi Adarou', '2026-11-17', 12, 7]],
            [],
        ];
        yield 'a heading that names only the counts' => [";;Reps;Misses\n2026-11-03;Ilse;38;2\n", [
            ['Ilse Tannow', '2026-11-03', 38, 2],
        ], []];
        yield 'negative and huge' => ["date,name,reps,misses\n2026-11-03,Ilse,20000,2\n2026-11-03,Femi,12,-1\n", [], [
            [2, 'reps'],
            [3, 'misses'],
        ]];
        yield 'commas part counts and make no decimals' => ["2026-11-03,Femi,2,38\n2026-11-05,Ilse,1,12\n", [
            ['Femi Adarou', '2026-11-03', 2, 38],
            ['Ilse Tannow', '2026-11-05', 1, 12],
        ], []];
        yield 'a name the list has with a nickname' => ["date,name,reps,misses\n2026-11-03,Ilse (Illy) Tannow,38,2\n", [], [[2, 'name']]];
    }
}
