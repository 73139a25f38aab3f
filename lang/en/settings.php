<?php

declare(strict_types=1);

// What a school has set for itself.
return [
    'bodies' => [
        'default' => 'Default: medium is typical; 1.25, 1.52, 1.68 and 1.85 m; 5 cm.',
        'lead' => 'How tall the people are that {answers} are tried with. Everything on the floor depends on it.',
        'size' => '“:name” in metres',
        'size-name' => 'a size',
        'title' => 'Bodies and tolerance',
        'tolerance' => 'Close counts, cm',
        'tolerance-name' => 'how much counts as close',
        'typical' => 'Typical size',
    ],
    'doctrine' => [
        'default' => 'Default: leave at once.',
        'lead' => 'What you want {an answer} to be for. The checks ask for it; a single {answer} may say otherwise.',
        'title' => 'How you answer',
    ],
    'general' => [
        'default' => 'Default: UTC and the clock. The name stays.',
        'lead' => 'What the school is called, where its clocks are, and how it says directions.',
        'title' => 'School',
    ],
    'lead' => 'Everything that your school has decided for itself. All of it is in the catalogue file too.',
    'names' => [
        'columns' => ['usual' => 'Usual name', 'one' => 'One', 'many' => 'Several'],
        'default' => 'Default: attack, answer, rank, rung.',
        'lead' => 'What your school calls these four things. Every screen says them so from now on.',
        'many-of' => 'your word for more than one :noun',
        'no-word' => 'Use letters, with spaces, hyphens or apostrophes between them.',
        'one-of' => 'your word for one :noun',
        'title' => 'Names',
    ],
    'policy' => [
        'default' => 'Default: under 16 no choke and no strike to neck, throat, eyes or spine, no finger lock; contact stopped short below the second {rank}.',
        'lead' => 'Below which {rank} and under which age something is held back.',
        'title' => 'Contact and age',
    ],
    'preview' => [
        'button' => 'Preview on the wall',
        'gained' => 'Works then: :attacks',
        'held' => 'Held by students at their goal {rungs}: :now now, :then then.',
        'holes' => 'Holes: :now of weight :weight now, :then of weight :weight_then then.',
        'lost' => 'Works no longer: :attacks',
        'nothing' => 'Nothing changes on the wall.',
        'uncatalogued' => 'Combinations not catalogued: :now now, :then then.',
        'title' => 'Not saved yet. This is what would change:',
        'works' => 'Works by the highest {rank}: :now % now, :then % then.',
    ],
    'reset' => 'Back to the default',
    'reset-done' => '“:section” is back to its default.',
    'reset-question' => 'Set “:section” back to its default? What you set there is lost.',
    'saved' => '“:section” is saved.',
    'scope' => [
        'default' => 'Default: everything.',
        'lead' => 'Which values of each facet you look for. What you leave out is not told as missing from the catalogue; what you have of it stays.',
        'title' => 'Facets in scope',
    ],
    'times' => [
        'default' => 'Default: 60 days.',
        'half-life' => 'A rep weighs half after, days',
        'half-life-name' => 'after how many days a rep weighs half',
        'lead' => 'How fast proof fades. A rep of today weighs 1; each time these days have passed it weighs half as much.',
        'title' => 'Fading',
    ],
    'title' => 'Settings',
    'weights' => [
        'default' => 'Default: the figures that ship with the program, and 80 %.',
        'lead' => 'The weight of a hole is how often its {attack} happens (1 to 5, set with the {attack}), shared among its sides, times the figure of its kind below.',
        'title' => 'Hole weights',
    ],
    'words' => [
        'columns' => ['own' => 'Your word', 'word' => 'stands for'],
        'default' => 'Default: none.',
        'groups' => ['verbs' => 'Movements and controls', 'strikes' => 'Strikes', 'targets' => 'Targets', 'effects' => 'Effects'],
        'lead' => 'Your own words for those of the beats. They can be typed from now on, and beats are shown with them. Clear a word to take it out.',
        'own' => 'your word',
        'own-of' => 'Your word :number',
        'title' => 'Own words',
        'word' => 'what a word stands for',
        'word-of' => 'What word :number stands for',
    ],
];
