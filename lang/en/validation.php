<?php

declare(strict_types=1);

// What is wrong with a field of a form, and how to mend it.
return [
    'after' => ':Attribute must be after :date.',
    'array' => ':Attribute must be a list.',
    'between' => [
        'numeric' => ':Attribute must be between :min and :max.',
    ],
    'boolean' => ':Attribute must be yes or no.',
    'date_format' => ':Attribute must be a date such as 2026-11-28.',
    'email' => ':Attribute must be an email address such as name@example.org.',
    'enum' => ':Attribute must be one of the choices.',
    'exists' => ':Attribute must be one of the choices.',
    'extensions' => ':Attribute must end in one of :values.',
    'file' => ':Attribute must be a file.',
    'in' => ':Attribute must be one of the choices.',
    'integer' => ':Attribute must be a whole number.',
    'json' => ':Attribute must be JSON.',
    'list' => ':Attribute must be a list.',
    'max' => [
        'array' => ':Attribute may have up to :max entries.',
        'file' => ':Attribute may have up to :max kilobytes.',
        'numeric' => ':Attribute may be up to :max.',
        'string' => ':Attribute may have up to :max characters.',
    ],
    'min' => [
        'array' => ':Attribute must have at least :min entries.',
        'numeric' => ':Attribute must be at least :min.',
        'string' => ':Attribute must have at least :min characters.',
    ],
    'numeric' => ':Attribute must be a number.',
    'not_regex' => ':Attribute may not have a quotation mark (").',
    'present' => ':Attribute is missing. Reload the page and try again.',
    'regex' => ':Attribute must be numbers with dots between them, such as 3.1.',
    'required' => ':Attribute is missing. Fill it in.',
    'required_with' => ':Attribute is missing. Fill it in, or leave :values empty too.',
    'string' => ':Attribute must be text.',
    'unique' => ':Attribute is taken. Choose another.',
    'uploaded' => 'The file did not arrive. Choose it again.',
    'uuid' => ':Attribute must be a UUID such as 0b7e1f60-6666-4000-8000-000000000001.',

    'attributes' => [
        'answer_id' => 'answer',
        'at' => 'date and time',
        'attack_id' => 'attack',
        'attack_told' => '“attack told”',
        'born' => 'date of birth',
        'flags.*' => 'flag',
        'goal_rung' => 'goal rung',
        'max_beats' => 'number of beats',
        'mistakes.*' => 'mistake',
        'moment_told' => '“moment told”',
        'needed_by' => 'rank that needs it',
        'needed_by_youth' => 'rank that needs it under 16',
        'pattern_kind.*' => 'kind of attack',
        'rank_id' => 'rank',
        'short_beats' => 'number of beats of the short form',
        'short_rank' => 'rank of the short form',
        'student_id' => 'student',
    ],
];
