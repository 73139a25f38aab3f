<?php

declare(strict_types=1);

// What is kept of a student.
return [
    'columns' => ['what' => 'What', 'kept' => 'What is kept', 'why' => 'Why'],
    'consent-needed' => 'Under 16 an account needs the consent of a guardian. Enter it with the student first.',
    'consent-of' => ':name, :day',
    'correct' => 'Correct',
    'erase' => 'Erase',
    'erase-lead' => 'Name, birth date, stature, flags, consent, account, pictures and clips of them and what the log tells of them go for good. The reps stay without a name. This cannot be undone.',
    'erased' => 'The student is erased. Their reps stay, without a name.',
    'export' => 'Export as JSON',
    'former' => 'Former student',
    'kept' => [
        'account' => ['name' => 'Account', 'why' => 'To sign in and see their own ladder.'],
        'awards' => ['name' => '{Ranks} so far', 'why' => 'Since when they had which, for their history and what a day is asked for.'],
        'born' => ['name' => 'Birth date', 'why' => 'What is taught under 16 differs.'],
        'classes' => ['name' => 'Classes attended', 'why' => 'Who a class is planned for, and who was there.'],
        'consent' => ['name' => 'Consent of a guardian', 'why' => 'Under 16 there is no account, no picture and no clip without it.'],
        'flags' => ['name' => 'Not allowed', 'why' => 'Nobody is drilled on what could hurt them.'],
        'footage' => ['name' => 'Pictures and clips', 'why' => 'What they are said to be seen on. They go when the student is erased.'],
        'guardians' => ['name' => 'Guardians', 'why' => 'Who may see the ladder of a child.'],
        'height' => ['name' => 'Stature', 'why' => 'Distances and partners depend on it.'],
        'log' => ['name' => 'Entries of the log', 'why' => 'Who changed what, for the head alone.'],
        'name' => ['name' => 'Name', 'why' => 'To call and record them.'],
        'rank' => ['name' => '{Rank}', 'why' => 'What they are taught depends on it.'],
        'marks' => ['name' => 'Marks of basics and forms', 'why' => 'What is practised alone, how it went, and when it is looked at again.'],
        'practised' => ['name' => 'Practice at home', 'why' => 'What they say they have practised alone.'],
        'tests' => ['name' => 'Tests', 'why' => 'What they showed, how examiners saw it, and the result.'],
        'reps' => ['name' => 'Reps', 'why' => 'What they have proven, and when it fades.'],
    ],
    'lead' => 'Everything that this program keeps of them, and what for. They may have it as a file, have it corrected, and have it erased.',
    'not-the-name' => 'This is not the name. Type it exactly as above; nothing was erased.',
    'nothing' => 'nothing',
    'reason' => 'reason erased',
    'title' => 'Data of :name',
    'type-name' => 'Type “:name” to confirm',
];
