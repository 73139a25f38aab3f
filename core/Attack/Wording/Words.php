<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack\Wording;

/** The words in which instructors name attacks, besides the names of kinds themselves. */
final class Words
{
    /** What a phrase says of facets; longer ones are read first. */
    public const FACETS = [
        'left' => ['hand' => 'left'], 'right' => ['hand' => 'right'], 'left hand' => ['hand' => 'left'], 'right hand' => ['hand' => 'right'],
        'both hands' => ['hand' => 'both'], 'two hands' => ['hand' => 'both'], 'two-handed' => ['hand' => 'both'], 'both' => ['hand' => 'both'],
        'from behind' => ['bearing' => '6'], 'from the front' => ['bearing' => '12'], 'from the right' => ['bearing' => '3'], 'from the left' => ['bearing' => '9'],
        'thumb up' => ['thumb' => 'up'], 'thumb down' => ['thumb' => 'down'], 'thumb inside' => ['thumb' => 'inside'], 'thumb in' => ['thumb' => 'inside'],
        'thumb outside' => ['thumb' => 'outside'], 'thumb out' => ['thumb' => 'outside'],
        'reaching' => ['phase' => 'reaching'], 'reaches' => ['phase' => 'reaching'], 'landed' => ['phase' => 'landed'], 'moving' => ['phase' => 'moving'],
        'pulling' => ['phase' => 'moving', 'intent' => 'move'], 'dragging' => ['phase' => 'moving', 'intent' => 'move'], 'driving' => ['phase' => 'moving', 'intent' => 'pin'],
        'follow-up' => ['phase' => 'follow-up'], 'follow up' => ['phase' => 'follow-up'], 'then another' => ['phase' => 'follow-up'],
        'without a step' => ['entry' => 'stand'], 'with a step' => ['entry' => 'step'], 'stepping through' => ['entry' => 'through'], 'through' => ['entry' => 'through'],
        'standing' => ['posture' => 'standing'], 'seated' => ['posture' => 'seated'], 'sitting' => ['posture' => 'seated'], 'kneeling' => ['posture' => 'kneeling'],
        'on the back' => ['posture' => 'back'], 'lying' => ['posture' => 'back'], 'against the wall' => ['posture' => 'wall'], 'at the wall' => ['posture' => 'wall'], 'wall' => ['posture' => 'wall'],
        'ready' => ['notice' => 'ready'], 'off-guard' => ['notice' => 'off-guard'], 'off guard' => ['notice' => 'off-guard'], 'unseen' => ['notice' => 'off-guard'],
        'open' => ['place' => 'open'], 'narrow' => ['place' => 'narrow'], 'corridor' => ['place' => 'narrow'], 'gangway' => ['place' => 'narrow'], 'obstacles' => ['place' => 'obstacles'],
        'stairs' => ['place' => 'stairs'], 'crowd' => ['place' => 'crowd'],
        'alone' => ['others' => 'alone'], 'second attacker' => ['others' => 'second'], 'second' => ['others' => 'second'], 'with an ally' => ['others' => 'ally'], 'ally' => ['others' => 'ally'],
        'to move' => ['intent' => 'move'], 'to pin' => ['intent' => 'pin'], 'to choke' => ['intent' => 'choke'], 'to strike' => ['intent' => 'strike'],
        'to take down' => ['intent' => 'take-down'], 'take-down' => ['intent' => 'take-down'],
        'smaller' => ['build' => 'smaller'], 'alike' => ['build' => 'alike'], 'larger' => ['build' => 'larger'], 'bigger' => ['build' => 'larger'],
    ];

    /** Other words for those by which kinds are told apart. */
    public const SAME = [
        'across' => 'cross', 'crossed' => 'cross', 'wrists' => 'wrist', 'grabs' => 'grab', 'grabbed' => 'grab', 'grabbing' => 'grab', 'hold' => 'grab', 'holds' => 'grab', 'held' => 'grab',
        'grip' => 'grab', 'lapel' => 'cloth', 'jacket' => 'cloth', 'collar' => 'cloth', 'shirt' => 'cloth', 'coat' => 'cloth', 'choked' => 'choke', 'strangle' => 'choke',
        'hugged' => 'hug', 'bear' => 'hug', 'punched' => 'punch', 'punches' => 'punch', 'jab' => 'punch', 'hook' => 'swing', 'uppercut' => 'rising', 'slapped' => 'slap',
        'shove' => 'push', 'shoved' => 'push', 'pushed' => 'push', 'kicked' => 'kick', 'kicks' => 'kick', 'tackle' => 'dive', 'dives' => 'dive', 'rear' => 'behind', 'back' => 'behind',
        'double' => 'two', 'closes' => 'closing', 'blocks' => 'blocking', 'arms' => 'arm', 'legs' => 'leg', 'one-handed' => 'one',
    ];

    /** The words that name a built-in kind; the kind with the most of its words in the line is meant. */
    public const KINDS = [
        'wrist-same' => [['wrist'], ['wrist', 'same']], 'sleeve' => [['sleeve']], 'wrist-cross' => [['wrist', 'cross']], 'handshake' => [['handshake']],
        'wrist-both' => [['wrist', 'both']], 'wrist-double' => [['wrist', 'two']], 'arm-one' => [['arm', 'grab'], ['upper', 'arm']],
        'cloth-one' => [['cloth'], ['cloth', 'one']], 'hair-front' => [['hair']], 'cloth-two' => [['cloth', 'two']], 'shoulders-front' => [['shoulders']],
        'shoulder-side' => [['shoulder']], 'arm-across' => [['arm', 'over', 'shoulders']], 'shoulder-behind' => [['shoulder', 'behind']], 'hair-behind' => [['hair', 'behind']],
        'shoulders-behind' => [['shoulders', 'behind']], 'throat-front' => [['throat'], ['choke']], 'throat-behind' => [['throat', 'behind'], ['choke', 'behind']],
        'forearm-behind' => [['forearm'], ['forearm', 'choke', 'behind']], 'hug-front-pinned' => [['hug', 'pinned']], 'hug-front-free' => [['hug'], ['hug', 'free']],
        'hug-behind-pinned' => [['hug', 'behind', 'pinned']], 'hug-behind-free' => [['hug', 'behind'], ['hug', 'behind', 'free']],
        'headlock-side' => [['headlock']], 'headlock-front' => [['headlock', 'front']], 'arms-neck-behind' => [['threaded']],
        'push-one' => [['push'], ['push', 'one']], 'push-two' => [['push', 'two']], 'push-behind' => [['push', 'behind']],
        'punch-straight' => [['punch'], ['punch', 'straight']], 'swing' => [['swing']], 'slap' => [['slap']], 'punch-rising' => [['rising']], 'punch-low' => [['punch', 'low']],
        'punch-behind' => [['punch', 'behind']], 'kick-front' => [['kick'], ['kick', 'front']], 'kick-round' => [['kick', 'round']], 'dive-legs' => [['dive']],
        'clinch-trip' => [['clinch'], ['trip']], 'ground-standing' => [['ground']], 'ground-astride' => [['astride'], ['ground', 'astride']],
        'closing-in' => [['closing']], 'blocking-way' => [['blocking']],
    ];

    /** Words that say nothing by themselves. */
    public const FILLERS = ['a', 'an', 'the', 'of', 'on', 'at', 'by', 'in', 'is', 'it', 'my', 'his', 'with', 'and', 'from', 'to', 'around', 'round', 'clock', 'oclock', 'o’clock', "o'clock", 'attack', 'attacker', 'grab', 'front', 'side', 'hand', 'hands', 'one'];
}
