<?php

declare(strict_types=1);

// What a page says after something was done, or could not be.
return [
    'accepted' => 'Accepted, with its reason.',
    'answer-added' => '“:answer” is saved. The wall is up to date.',
    'answer-stays' => 'This {answer} cannot be deleted: reps name it, and reps are kept.',
    'attack-added' => '“:attack” is in the catalogue. Now write {an answer} to it.',
    'attack-stays' => 'This {attack} cannot be deleted: {answers} are written for it, or reps of it are recorded, and reps are kept. Set “needed by” to no {rank} to take it off the wall.',
    'corrected-already' => 'This rep has been corrected already. Correct the later one.',
    'deleted' => '“:name” is deleted.',
    'file-changed' => 'The school has changed since you looked at this file. Nothing was added. Look at it again.',
    'file-gone' => 'This file is no longer here. Choose it again.',
    'hole-closed' => '“:answer” is changed, and the hole is closed.',
    'import-failed' => 'The file could not be imported, and nothing was changed. The log says why. Check the file and choose it again.',
    'imported' => 'The catalogue file is imported.',
    'ladder-full' => 'A ladder has at most :max {rungs}. Delete one first.',
    'moved' => '“:answer” is now introduced at :rank.',
    'no-longer-accepted' => 'No longer accepted: the finding is shown again.',
    'rank-added' => '“:rank” is now the highest {rank}.',
    'rank-stays' => '“:rank” cannot be deleted: {attacks}, {answers} or students belong to it. Move them first.',
    'recorded' => 'Recorded: :student, :attack, {rung} :rung, :outcome.',
    'reps-added' => ':count rep added; :known were here already.|:count reps added; :known were here already.',
    'reps-failed' => 'The reps could not be added, and nothing was changed. The log says why. Choose the file again.',
    'rung-added' => '“:name” is now {rung} :rung.',
    'rung-deleted' => '{Rung} :rung is deleted.',
    'rung-saved' => '{Rung} :rung is saved. Reps recorded at it stay as they are.',
    'rung-stays' => '{Rung} :rung cannot be deleted: reps were recorded at it, or it is the goal of {a rank}.',
    'saved' => '“:name” is saved.',
    'saved-in-between' => 'Somebody else saved this {answer} in the meantime. Nothing was changed. Look at it again.',
    'signed-out' => 'You are signed out.',
    'student-added' => '“:student” is added. Record a rep to start the ladder.',
    'title-taken-now' => 'Another {answer} is now called “:title”. Nothing was changed. Rename that one first.',
    'version-back' => 'Version :version is restored as the newest one. The one before it is kept.',
    'version-without-rank' => 'That version belongs to {a rank} that has been deleted. Nothing was changed.',
    'zip-failed' => 'The zip could not be made. Try again; if it fails again, tell whoever runs the server.',
];
