<?php

declare(strict_types=1);

// What stands around every page.
return [
    'answers' => '{Answers}',
    'attacks' => '{Attacks}',
    'basics' => 'Basics',
    'cautions' => 'All figures are planning estimates. Tap and stop word come before everything; use mats and pads, and agree on the speed. Force must be needed and in proportion: local law and licensed instruction decide, not this program. This is not medical or legal advice.',
    'children' => 'Children',
    'classes' => 'Classes',
    'desk' => 'Desk',
    'for-keys' => 'for keyboard shortcuts.',
    'keys' => 'Keyboard shortcuts',
    'lists' => 'Lists',
    'mat' => 'Mat',
    'my-home' => 'At home',
    'my-ladder' => 'My ladder',
    'my-page' => 'My page',
    'people' => 'People',
    'places' => 'Main pages',
    'press' => 'Press',
    'record' => 'Record',
    'school' => 'School',
    'shortcuts' => [
        '?' => 'this list',
        '/' => 'search, where a page has a search field',
        'w a s b p' => 'wall, {attacks}, {answers}, basics, people',
        'd k c m r' => 'drill lists, classes, school, mat, record',
        'h l o' => 'for a student: my page, my ladder, at home',
        'Space Esc u' => 'in a drill: call, stop word, undo; the first letter of an outcome records it',
        't' => 'on the wall and a ladder: drawing or table',
        'n' => 'add a new one, where a page can',
        '← → ↑ ↓' => 'on the wall: move from stone to stone; Enter opens it',
        'Shift ↑ ↓' => 'on a laid stone: preview its {answer} at the next {rank}',
        'x l f' => 'on the wall: cross-table, load of the {ranks}, fewest {answers}',
    ],
    'sign-out' => 'Sign out',
    'skip' => 'Skip to the content',
    'wall' => 'Wall',
];
