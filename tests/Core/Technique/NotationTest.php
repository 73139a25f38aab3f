<?php

declare(strict_types=1);

use StoneDrill\Core\Technique\AnswerLimits;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Notation\Printer;
use StoneDrill\Core\Technique\Notation\Spoken;
use StoneDrill\Core\Technique\Notation\Vocabulary;
use Tests\Core\Technique\RandomBeats;
use Tests\Support\English;

// What is typed, and the one spelling it is printed in.
dataset('spellings', [
    'a step' => ['left foot step 9', 'left foot step 9'],
    'short forms' => ['LF step 9, RH clamp wrist', 'left foot step 9, right hand clamp wrist'],
    'short forms in small letters' => ['rf cross 1:30', 'right foot cross 1:30'],
    'both feet' => ['BF slide 12', 'slide 12'],
    'both feet, long' => ['both feet hop 6', 'hop 6'],
    'both hands' => ['BH shove chest', 'both hands shove chest'],
    'free hand' => ['FH palm chin', 'free hand palm chin'],
    'free alone' => ['free palm chin', 'free hand palm chin'],
    'both alone' => ['both palm chest', 'both hands palm chest'],
    'elbows' => ['LE chin, RE ribs', 'left elbow chin, right elbow ribs'],
    'knees' => ['LK groin, RK thigh', 'left knee groin, right knee thigh'],
    'head' => ['HD nose', 'head nose'],
    'hand not printed' => ['right hand palm chin', 'right palm chin'],
    'foot not printed' => ['left foot front kick groin', 'left front kick groin'],
    'foot not printed before a stomp' => ['RF stomp instep', 'right stomp instep'],
    'capitals' => ['Left Foot STEP 9', 'left foot step 9'],
    'spaces' => ["left   foot \t step  9 ,right palm   chin", 'left foot step 9, right palm chin'],
    'degrees' => ['slide 315°', 'slide 10:30'],
    'half degrees' => ['slide 7.5 °', 'slide 12:15'],
    'two targets' => ['right palm nose or chin', 'right palm nose or chin'],
    'targets of several words' => [
        'left hammer back of head, right palm solar plexus',
        'left hammer back of head, right palm solar plexus',
    ],
    'sizes' => [
        'left foot step 9 short, slide 12 long, leave 6 0.6m',
        'left foot step 9 short, slide 12 long, leave 6 0.6 m',
    ],
    'a size without a bearing' => ['spread 0.7 m', 'spread 0.7 m'],
    'counts' => [
        'right palm chin x3, left knee groin ×2, left palm chin x1',
        'right palm chin x3, left knee groin x2, left palm chin',
    ],
    'size and count' => ['right foot step 12 short x2', 'right foot step 12 short x2'],
    'jumping' => ['jumping right knee chin', 'right jumping knee chin'],
    'spinning in the middle' => ['right spinning elbow temple', 'right spinning elbow temple'],
    'spinning a kick' => ['spinning left foot back kick belly', 'left spinning back kick belly'],
    'both' => ['spinning jumping right front kick chin', 'right jumping spinning front kick chin'],
    'whole body' => ['drop, rise, kneel, spread, close', 'drop, rise, kneel, spread, close'],
    'two words' => ['get up, turn under 6, left hand let go', 'get up, turn under 6, left hand let go'],
    'pivot and slip' => ['pivot 10:30, slip 3', 'pivot 10:30, slip 3'],
    'strip to the thumb' => ['left hand strip toward thumb', 'left hand strip toward thumb'],
    'strip a wrist to the fingers' => [
        'both hands strip wrist toward fingers',
        'both hands strip wrist toward fingers',
    ],
    'locks' => ['right hand lock elbow', 'right hand lock elbow'],
    'sweep' => ['left foot sweep ankle', 'left foot sweep ankle'],
    'choke hold' => ['both hands choke hold neck', 'both hands choke hold neck'],
    'a control by itself' => ['both hands guard', 'both hands guard'],
    'a control in a direction' => ['right hand pull 6', 'right hand pull 6'],
    'tuck and join' => ['tuck, join', 'tuck, join'],
    'tuck with a hand' => ['left hand tuck chin', 'left hand tuck chin'],
    'others' => ['say "Back off!", look, wait 0.5 s', 'say "Back off!", look, wait 0.5 s'],
    'curly quotes' => ['say “Let go, now”', 'say "Let go, now"'],
    'looking somewhere' => ['look 6', 'look 6'],
    'an effect' => ['right palm chin->rocked', 'right palm chin -> rocked'],
    'an arrow' => ['right palm chin → driven back', 'right palm chin -> driven back'],
    'two effects' => ['right palm chin -> rocked or folded', 'right palm chin -> rocked or folded'],
    'a note' => ['leave 6 #look for the second one', 'leave 6   # look for the second one'],
    'an empty note' => ['leave 6 #', 'leave 6'],
    'a note with signs' => ['leave 6 # 1, 2 -> "three": x9', 'leave 6   # 1, 2 -> "three": x9'],
    'a branch in a line' => [
        "right palm chin -> rocked\n    if not: left knee groin",
        "right palm chin -> rocked\n  if not: left knee groin",
    ],
    'a tab' => ["leave 6\n\tif far: leave 6", "leave 6\n  if far: leave 6"],
    'a branch of one beat in a block' => [
        "leave 6\n  if near:\n      left knee groin",
        "leave 6\n  if near: left knee groin",
    ],
    'a branch that goes on below' => [
        "leave 6\n  if near: left knee groin\n    leave 6",
        "leave 6\n  if near:\n    left knee groin\n    leave 6",
    ],
    'every condition' => [
        "leave 6 -> rocked\n  if not: go on\n  if folded: go on\n  if gets up: go on\n  if far: go on\n  if near: go on\n  if second attack: go on",
        "leave 6 -> rocked\n  if not: go on\n  if folded: go on\n  if gets up: go on\n  if far: go on\n  if near: go on\n  if second attack: go on",
    ],
    'another answer' => [
        "leave 6\n  if driven back: go to \"Long gate\" beat 2",
        "leave 6\n  if driven back: go to \"Long gate\" beat 2",
    ],
    'another answer from its start' => [
        "leave 6\n  if arm gone:\n    go to “Long gate”",
        "leave 6\n  if arm gone: go to \"Long gate\" beat 1",
    ],
    'branches in branches' => [
        "leave 6\n if far: slide 12\n  if near: go on\n  slide 6\nleave 6",
        "leave 6\n  if far:\n    slide 12\n      if near: go on\n    slide 6\nleave 6",
    ],
    'everything indented' => ["   left foot step 9\n   leave 6", "left foot step 9\nleave 6"],
    'blank lines' => ["\n\nleft foot step 9\n\n\nleave 6\n\n", "left foot step 9\nleave 6"],
    'other line breaks' => ["left foot step 9\r\nleave 6\r\n", "left foot step 9\nleave 6"],
]);

it('prints one spelling, and reads it back as the same', function (string $typed, string $printed): void {
    $beats = Beats::parse($typed);

    expect($beats->toText())->toBe($printed."\n")
        ->and(Beats::parse($printed))->toEqual($beats);
})->with('spellings');

it('reads what it prints, and mirrors twice to the same, for a thousand answers', function (): void {
    $random = new RandomBeats(20261124);
    for ($i = 0; $i < 1000; $i++) {
        $beats = $random->beats();
        $text = $beats->toText();

        expect(Beats::parse($text))->toEqual($beats)
            ->and(Beats::parse($text)->toText())->toBe($text)
            ->and($beats->mirror()->mirror())->toEqual($beats)
            ->and($beats->mirror()->toText())->toBe(RandomBeats::mirrorText($text));
    }
});

// Text, then line, column, what was found, a part of what was expected, the nearest word.
dataset('errors', [
    'nothing' => ['', 1, 1, 'nothing', 'at least one beat', null],
    'only a note' => ['# to do', 1, 1, 'a note', 'a limb or a movement', null],
    'a slip in a side' => ["leave 6\nrigth palm chin", 2, 1, '“rigth”', 'a limb', 'right'],
    'a slip in a strike' => ['right plam chin', 1, 7, '“plam”', 'a strike', 'palm'],
    'a slip in two words' => ['right frnt kick groin', 1, 7, '“frnt”', 'a strike', 'front kick'],
    'a slip in a target' => ['right palm chn', 1, 12, '“chn”', 'a target', 'chin'],
    'a slip in a long target' => ['left hammer back of haed', 1, 18, '“of”', 'a comma', null],
    'a slip in an effect' => ['right palm chin -> rockt', 1, 20, '“rockt”', 'an effect', 'rocked'],
    'a slip in a condition' => ["leave 6\n  if nott: go on", 2, 6, '“nott”', '“not”', 'not'],
    'a slip in a movement' => ['slied 9', 1, 1, '“slied”', 'a movement', 'slide'],
    'no target' => ['right palm', 1, 11, 'the end of the line', 'a target', null],
    'no bearing' => ['left foot step', 1, 15, 'the end of the line', 'a bearing', null],
    'thirteen o’clock' => ['left foot step 13', 1, 16, '“13”', 'a bearing', null],
    'sixty-one minutes' => ['slide 9:61', 1, 7, '“9:61”', 'a bearing', null],
    'a hand that steps' => ['left hand step 9', 1, 11, '“step”', 'a foot', null],
    'a foot that parries' => ['left foot parry forearm', 1, 11, '“parry”', 'a hand', null],
    'no limb' => ['parry forearm', 1, 1, '“parry”', 'a hand before it', null],
    'no side' => ['palm chin', 1, 1, '“palm”', 'a hand before “palm”', null],
    'no side of a kick' => ['front kick groin', 1, 1, '“front”', 'a foot before', null],
    'a hand that kicks' => ['right hand front kick groin', 1, 12, '“front”', 'a foot before', null],
    'a side that slides' => ['left foot slide 9', 1, 11, '“slide”', 'no limb', null],
    'a side alone' => ['left parry forearm', 1, 6, '“parry”', '“hand”', null],
    'a jumping parry' => ['jumping left hand parry forearm', 1, 19, '“parry”', 'a strike after', null],
    'an unlockable part' => ['right hand lock chin', 1, 17, '“chin”', 'wrist, elbow, shoulder or fingers', null],
    'a size on a strike' => ['right palm chin short', 1, 17, '“short”', 'no length', null],
    'a size too large' => ['left foot step 9 4 m', 1, 18, '“4”', 'at most 3 m', null],
    'no unit' => ['left foot step 9 0.5', 1, 21, 'the end of the line', '“m” for metres', null],
    'too many' => ['right palm chin x6', 1, 17, '“x6”', 'x1 to x5', null],
    'a counted word' => ['say "No" x2', 1, 10, '“x2”', 'no count', null],
    'no words' => ['say no', 1, 5, '“no”', 'in quotes', null],
    'an open quote' => ['say "no', 1, 5, '“"”', 'in quotes', null],
    'no seconds' => ['wait 5', 1, 7, 'the end of the line', '“s” for seconds', null],
    'too long a wait' => ['wait 61 s', 1, 6, '“61”', 'at most 60 s', null],
    'toward nothing' => ['left hand strip toward thum', 1, 24, '“thum”', '“thumb”', 'thumb'],
    'three effects' => ['right palm chin -> rocked or folded or turned', 1, 37, '“or”', 'the end of the line', null],
    'two effects with a comma' => ['right palm chin -> rocked, folded', 1, 26, '“,”', 'the end of the line', null],
    'a comma at the end' => ['left foot step 9,', 1, 18, 'the end of the line', 'a limb', null],
    'no comma' => ['left foot step 9 right palm chin', 1, 18, '“right”', 'a comma', null],
    'a stray sign' => ['left foot step 9 !', 1, 18, '“!”', 'a comma', null],
    'no colon' => ["leave 6\n  if not go on", 2, 10, '“go”', 'a colon', null],
    'an empty branch' => ["leave 6\n  if not:\nleave 6", 2, 10, 'the end of the line', 'what is done then', null],
    'going nowhere' => ["leave 6\n  if not: go home", 2, 14, '“home”', 'go on', null],
    'no title' => ["leave 6\n  if not: go to beat 2", 2, 17, '“beat”', 'the title', null],
    'beat nought' => ["leave 6\n  if not: go to \"Gate\" beat 0", 2, 29, '“0”', 'the number of a beat', null],
    'a note on going on' => ["leave 6\n  if not: go on # why", 2, 17, 'a note', 'the end of the line', null],
    'an if without a beat' => ["if not: go on\nleave 6", 1, 1, '“if”', 'a beat first', null],
    'a beat under a beat' => ["left foot step 9\n  leave 6", 2, 3, '“leave”', 'no deeper indentation', null],
    'branches that do not line up' => [
        "leave 6\n    if not: go on\n  if far: go on", 3, 3, '“if”', 'the same indentation', null,
    ],
    'two postures at once' => [
        'right palm chin -> folded and kneeling', 1, 31, '“kneeling”', 'not a second posture', null,
    ],
    'the same effect twice' => ['right palm chin -> rocked and rocked', 1, 31, '“rocked”', 'another one', null],
    'one of two and another' => [
        'right palm chin -> rocked or folded and turned', 1, 37, '“and”', 'the end of the line', null,
    ],
    'a strike that faces' => ['right palm chin facing 3', 1, 17, '“facing”', 'no facing', null],
    'a pivot that faces' => ['pivot 3 facing 6', 1, 9, '“facing”', 'no facing', null],
    'facing nowhere' => ['left foot step 9 facing', 1, 24, 'the end of the line', 'a bearing', null],
    'what people say for a grip' => ['right hand grab wrist', 1, 12, '“grab”', 'a movement', 'clamp'],
    'what people say for holding down' => ['right hand trap wrist', 1, 12, '“trap”', 'a movement', 'press'],
    'what people say for a block' => ['left hand check forearm', 1, 11, '“check”', 'a movement', 'block'],
    'what people say for a punch' => ['left jab chin', 1, 6, '“jab”', 'a movement', 'punch'],
    'another punch' => ['right hook temple', 1, 7, '“hook”', 'a movement', 'punch'],
    'a punch that is called a step' => ['right hand cross chin', 1, 12, '“cross”', 'a foot', 'punch'],
    'two words for one' => ['right ridge hand temple', 1, 7, '“ridge”', 'a movement', 'edge'],
    'a kick by half its name' => ['right roundhouse thigh', 1, 7, '“roundhouse”', 'a movement', 'round kick'],
    'a movement' => ['sprawl', 1, 1, '“sprawl”', 'a limb', 'drop'],
    'what people say for a nose' => ['right palm face', 1, 12, '“face”', 'a target', 'nose'],
    'what people say for a chin' => ['right palm jaw', 1, 12, '“jaw”', 'a target', 'chin'],
    'what people say for an effect' => ['right palm chin -> stunned', 1, 20, '“stunned”', 'an effect', 'rocked'],
    // Where the word cannot stand, nothing is suggested.
    'a chin that is done' => ['right hand jaw chin', 1, 12, '“jaw”', 'a movement', null],
    'letters beyond the sea' => ['left foot step 9, ødelegge', 1, 19, '“ødelegge”', 'a limb', null],
]);

it('reads beats and then where they go on, in one branch', function (): void {
    $branch = Beats::parse(
        "right palm chin\n  if not:\n    left knee groin\n    leave 6\n    go to \"Long gate\" beat 2\nleave 6",
    )->line[0]->branches[0];

    expect(count($branch->beats))->toBe(2)
        ->and($branch->goesTo()?->title)->toBe('Long gate')
        ->and($branch->isAnswered())->toBeTrue();
});

it('reads what may be left out, what is called, and how a beat reads for some', function (): void {
    $beats = Beats::parse(
        "maybe: left palm eyes -> rocked   # !Now\n  for youth: left palm chest\n  for second-ring 2:\n    left palm chin -> rocked\n  if not: leave 6\nleave 6",
    );

    expect($beats->line[0]->isOptional)->toBeTrue()
        ->and($beats->line[0]->cue())->toBe('Now')
        ->and($beats->line[1]->cue())->toBeNull()
        ->and($beats->cues())->toBe(['Now'])
        ->and((new Beats([$beats->line[0]->readFor(true, 'second-ring 2')]))->toText())
        ->toBe("maybe: left palm chest\n  if not: leave 6\n")
        ->and((new Beats([$beats->line[0]->readFor(false, 'Second-Ring 2')]))->toText())
        ->toBe("maybe: left palm chin -> rocked\n  if not: leave 6\n")
        ->and((new Beats([$beats->line[0]->readFor(false, 'flint')]))->toText())
        ->toBe("maybe: left palm eyes -> rocked   # !Now\n  if not: leave 6\n")
        ->and((new Beats([$beats->line[0]->mirror()]))->toText())->toContain("  for youth: right palm chest\n");
});

it('reads for some what stands in branches too', function (): void {
    $beat = Beats::parse("right palm chin\n  if not:\n    left elbow throat\n      for youth: left elbow chest")
        ->line[0];

    expect((new Beats([$beat->readFor(true)]))->toText())->toBe("right palm chin\n  if not: left elbow chest\n");
});

it('says what is wrong with what is under a beat', function (string $text, int $line, string $expected): void {
    try {
        $error = [0, Beats::parse($text)->toText()];
    } catch (NotationException $exception) {
        $error = [$exception->errors[0]->line, English::say($exception->errors[0]->expected)];
    }

    expect($error)->toBe([$line, $expected]);
})->with([
    'two postures together' => [
        'right palm chin -> folded and kneeling',
        1,
        'an effect that can come together with “folded”: another one, and not a second posture',
    ],
    'nothing that is sure' => [
        "maybe: right palm chin\nmaybe: leave 6",
        1,
        'at least one beat without “maybe:”, which is always done',
    ],
    'maybe without a colon' => ['maybe right palm chin', 1, 'a colon after “maybe”'],
    'maybe and nothing' => ["maybe:\nright palm chin", 1, 'a limb or a movement'],
    'a reading before a beat' => [
        "for youth: left palm chest\nleave 6",
        1,
        'a beat first: indent a “for …:” under the beat that it belongs to',
    ],
    'a reading after a branch' => [
        "right palm chin\n  if not: leave 6\n  for youth: left palm chest",
        3,
        'no “for …:” here: it stands under its beat, before the first “if”',
    ],
    'the same reading twice' => [
        "right palm chin\n  for youth: leave 6\n  for youth: leave 5",
        3,
        'another “for …:”: how the beat reads for “youth” stands above it already',
    ],
    'a reading of two beats' => [
        "right palm chin\n  for youth:\n    leave 6\n    leave 5",
        4,
        'what they do: one beat',
    ],
    'a reading of none' => ["right palm chin\n  for youth:\nleave 6", 2, 'what they do: one beat'],
    'a reading that may be left out' => [
        "right palm chin\n  for youth: maybe: leave 6",
        2,
        'no “maybe:” here: it stands before the beat itself',
    ],
    'for nobody' => ["right palm chin\n  for left palm chest", 2, '“youth” or the id of a rank, and a colon'],
    'bodies and no beat' => [
        "right palm chin\n  if taller: go on",
        2,
        'beats: with “if taller” and “if shorter” they stand in place of the beat above',
    ],
    'more after going on' => [
        "right palm chin\n  if not:\n    leave 6\n    go to \"A\" beat 1\n    leave 5",
        5,
        'nothing after “go to” or “go on”: it ends the branch',
    ],
    'beats and then the same line' => [
        "right palm chin\n  if not:\n    leave 6\n    go on",
        4,
        '“go to … beat 1” after the beats: “go on” stands alone after its “if”',
    ],
    'behind which side' => ['go behind him', 1, 'the side of the attacker that you go round: “left” or “right”'],
]);

it('reads the head with a side, which it has not', function (string $text): void {
    expect(Beats::parse($text)->toText())->toBe("head nose\n");
})->with(['left head nose', 'right head nose', 'HD nose', 'head nose']);

it('knows every word that it suggests', function (): void {
    $known = [];
    foreach (Vocabulary::GROUPS as $group) {
        $known = [...$known, ...Vocabulary::standard()->phrases($group)];
    }
    foreach ((new ReflectionClass(Spoken::class))->getConstant('WORDS') as $said => $word) {
        expect(in_array($word, $known, true))->toBeTrue("{$said}: {$word}")
            ->and(Spoken::write($said, [$word]))->toBe($word);
    }
});

it('says where it stopped, what was found, what was expected and what was meant', function (
    string $text,
    int $line,
    int $column,
    string $found,
    string $expected,
    ?string $nearest,
): void {
    try {
        Beats::parse($text);
        $this->fail('It was read.');
    } catch (NotationException $exception) {
        $error = $exception->errors[0];

        expect($exception->errors)->toHaveCount(1)
            ->and([$error->line, $error->column, English::say($error->found), $error->nearest])
            ->toBe([$line, $column, $found, $nearest])
            ->and(English::say($error->expected))->toContain($expected)
            ->and(English::say($error->text()))->toContain("Line {$line}, column {$column}");
    }
})->with('errors');

it('finds every line that is wrong in one reading', function (): void {
    try {
        Beats::parse("rigth palm chin\nleave 6\n  if nott: go on\nslide\nleave 6");
    } catch (NotationException $exception) {
        expect(array_map(fn ($error) => $error->line, $exception->errors))->toBe([1, 3, 4]);
    }
});

it('does not choke on what is made to choke it', function (string $text, string $found): void {
    try {
        Beats::parse($text);
        $this->fail('It was read.');
    } catch (NotationException $exception) {
        expect(English::say($exception->errors[0]->found))->toContain($found);
    }
})->with([
    '10 MB of beats' => [fn () => str_repeat("left foot step 9\n", 620_000), '10,540,000 bytes'],
    'bytes that are no text' => ["left foot \xff step 9", 'not UTF-8'],
    'branches without end' => [
        fn () => implode(
            "\n",
            array_map(
                fn (int $depth): string => str_repeat('  ', 2 * $depth)
                    ."leave 6\n"
                    .str_repeat('  ', 2 * $depth + 1)
                    .'if far:',
                range(0, 40),
            ),
        ),
        '“if”',
    ],
    'one endless word' => [fn () => str_repeat('a', 60_000), '“aaaa'],
]);

it('keeps within what one answer may hold, counted as it is stored', function (): void {
    expect(Beats::parse(str_repeat("left foot step 9\n", AnswerLimits::BEATS))->line)->toHaveCount(500)
        ->and(English::refusal(fn () => Beats::parse(str_repeat("left foot step 9\n", AnswerLimits::BEATS + 1))))
        ->toContain('501 beats')
        // Beats of branches count too: 2 × 250 of them, and one more.
        ->and(
            English::refusal(
                fn () => Beats::parse(str_repeat("left foot step 9\n  if far: leave 6\n", 250)."leave 6\n"),
            ),
        )
        ->toContain('501 beats')
        ->and(English::refusal(fn () => Beats::parse(implode(', ', array_fill(0, 21, 'LF step 9')))))
        ->toContain('at most 20 actions');
    // Sixteen actions of nine bytes and their commas, 400 times: 69,600 bytes as typed are too many; half of that is
    // typed in short and stored in 2 bytes for each “LF” as nine for “left foot”.
    $typed = str_repeat(implode(',', array_fill(0, 16, 'LF step 9'))."\n", 350);
    expect(strlen($typed))->toBe(56_000)
        ->and(English::refusal(fn () => Beats::parse($typed)))->toContain('when written in full');
});

it('reads a school’s own words, and prints them where it is asked to', function (): void {
    $vocabulary = Vocabulary::standard()->withAliases([
        'verbs' => ['glide' => 'slide', 'snatch away' => 'strip'],
        'strikes' => ['heel of hand' => 'palm'],
        'targets' => ['point of jaw' => 'chin'],
        'effects' => ['shaken' => 'rocked'],
    ]);
    $beats = Beats::parse(
        "glide 12, left hand snatch away toward thumb\nright heel of hand point of jaw -> shaken\n  if shaken: go on",
        $vocabulary,
    );

    expect($beats->toText())
        ->toBe("slide 12, left hand strip toward thumb\nright palm chin -> rocked\n  if rocked: go on\n")
        ->and((new Printer($vocabulary))->print($beats))
        ->toBe(
            "glide 12, left hand snatch away toward thumb\nright heel of hand point of jaw -> shaken\n  if shaken: go on\n",
        );
});

it('refuses words that could not be told from others', function (array $aliases, string $why): void {
    expect(English::refusal(fn () => Vocabulary::standard()->withAliases($aliases)))->toContain($why);
})->with([
    'a word of the notation' => [['verbs' => ['left' => 'step']], 'already means'],
    'a strike among the verbs' => [['verbs' => ['palm' => 'step']], 'already means'],
    'the same twice' => [['verbs' => ['glide' => 'slide'], 'strikes' => ['glide' => 'palm']], 'already means'],
    'a word that stands for none' => [['targets' => ['jaw' => 'chinn']], 'Did you mean “chin”?'],
    'signs' => [['effects' => ['sha-ken!' => 'rocked']], 'is not a word'],
    'a group that is none' => [['colours' => ['red' => 'chin']], 'no aliases'],
]);
