<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor\Elevation;

use StoneDrill\Core\Floor\Posture;
use StoneDrill\Core\Floor\Scene;
use StoneDrill\Core\Floor\Stance;
use StoneDrill\Core\Geometry\Joint;
use StoneDrill\Core\Geometry\Point;

/**
 * Where the joints of a body are, by domain.md §2: heights and lengths as shares of the stature (Drillis & Contini
 * 1966, as tabled in Winter), moved by posture and crouch. Where the model says a height and no place, the place is
 * drawn as a body would have it.
 */
final readonly class Body
{
    public const EYE = 0.936;
    public const CHIN = 0.87;

    private const CROWN = 1.0;
    private const KNEE = 0.285;
    private const ANKLE = 0.039;
    private const THIGH = 0.245;
    private const SHANK = 0.246;
    private const FOOT = 0.152;
    private const TRUNK = 0.288;
    private const UPPER_ARM = 0.186;
    private const FOREARM = 0.146;

    /** How far ahead of the axis the face is. */
    private const FACE = 0.06;

    /** Elbow and hand of an arm that does nothing: ahead of its shoulder, and how high. */
    private const ELBOW = [0.1, 0.6];
    private const HAND = [0.25, 0.78];

    public Node $crown;
    public Node $eye;
    public Node $chin;

    /** @var array<string, Node> by side */
    public array $shoulders;

    /** @var array<string, Node> */
    public array $elbows;

    /** @var array<string, Node> */
    public array $hands;

    /** @var array<string, Node> */
    public array $hips;

    /** @var array<string, Node> */
    public array $knees;

    /** @var array<string, Node> */
    public array $ankles;

    /** @var array<string, Node> */
    public array $toes;

    /** @var float share of the stature by which one who sits astride is lower */
    private float $lowered;

    /**
     * @param bool                $isAttacker whether what sits astride lowers it, rather than lies under it
     * @param array<string, Node> $hands      where hands are that do something, by side
     * @param array<string, Node> $feet       where feet are that are off the floor
     */
    public function __construct(private Stance $stance, bool $isAttacker, array $hands = [], array $feet = [])
    {
        $this->lowered = $isAttacker && $stance->isSetUpon ? Scene::ASTRIDE : 0.0;
        $head = Node::over($stance->head, 0.0);
        $face = $head->toward($stance->facing, self::FACE * $stance->stature);
        $this->crown = $this->isLying()
            ? $this->along($head, self::CROWN - 0.53)
            : $head->at($this->height(self::CROWN, true));
        $this->eye = $this->isLying()
            ? $this->along($head, self::EYE - 0.53)
            : $face->at($this->height(self::EYE, true));
        $this->chin = $this->isLying()
            ? $this->along($head, self::CHIN - 0.53)
            : $face->at($this->height(self::CHIN, true));
        $joints = array_map($this->side(...), array_column(Side::cases(), null, 'value'));
        $this->hips = array_column($joints, 'hip', 'side');
        $this->shoulders = array_column($joints, 'shoulder', 'side');
        $this->ankles = [...array_column($joints, 'ankle', 'side'), ...$feet];
        $this->knees = array_map(
            fn (Side $side): Node => isset($feet[$side->value])
                ? $this->hips[$side->value]->between($feet[$side->value], 0.5)
                : $joints[$side->value]['knee'],
            array_column(Side::cases(), null, 'value'),
        );
        $this->toes = array_map(
            fn (Side $side): Node => $this->toe($side, isset($feet[$side->value])),
            array_column(Side::cases(), null, 'value'),
        );
        $this->hands = array_map(
            fn (Side $side): Node => $hands[$side->value] ?? $this->resting($side, ...self::HAND),
            array_column(Side::cases(), null, 'value'),
        );
        $this->elbows = array_map(
            fn (Side $side): Node => isset($hands[$side->value])
                ? $this->shoulders[$side->value]->between($hands[$side->value], 0.5)
                : $this->resting($side, ...self::ELBOW),
            array_column(Side::cases(), null, 'value'),
        );
    }

    /** Metres above the floor of a share of the stature, as posture and crouch have it. */
    public function height(float $share, bool $isOfHead = false): float
    {
        return $this->stance->posture->height(
            $share,
            $this->stance->stature,
            $this->stance->crouch,
            $isOfHead,
            $this->lowered,
        );
    }

    /** Where a joint is from which something is struck. */
    public function joint(Joint $joint, ?Side $side): Node
    {
        return match (true) {
            $joint === Joint::Neck || $side === null => Node::over(
                $this->stance->feet->axis,
                $this->jointHeight($joint->height()),
            ),
            default => $this->beside($side, $joint->lateral())->at($this->jointHeight($joint->height())),
        };
    }

    private function jointHeight(float $share): float
    {
        return $this->isLying() ? 0.1 * $this->stance->stature : $this->height($share);
    }

    private function isLying(): bool
    {
        return $this->stance->posture === Posture::Lying;
    }

    /** @return array{side: string, hip: Node, knee: Node, ankle: Node, shoulder: Node} */
    private function side(Side $side): array
    {
        $own = $this->stance->stature;
        $hip = $this->joint(Joint::Hip, $side);
        $foot = $side === Side::Left ? $this->stance->feet->left : $this->stance->feet->right;
        $ankle = Node::over($foot, self::ANKLE * $own);
        $knee = $hip->between($ankle, 0.5)->at($this->height(self::KNEE));
        $shoulder = $this->joint(Joint::Shoulder, $side);
        [$knee, $ankle, $shoulder] = match ($this->stance->posture) {
            Posture::Kneeling => [
                ($under = $hip->toward($this->stance->facing, 0.04 * $own)->at($knee->height)),
                $under->toward($this->stance->facing, -self::SHANK * $own)->at(self::ANKLE * $own),
                $shoulder,
            ],
            Posture::Seated => [
                ($ahead = $hip->toward($this->stance->facing, self::THIGH * $own)->at($knee->height)),
                $ahead->toward($this->stance->facing, self::SHANK * $own)->at(self::ANKLE * $own),
                $shoulder,
            ],
            Posture::Lying => [
                $this->along($hip, -self::THIGH),
                $this->along($hip, -self::THIGH - self::SHANK)->at(self::ANKLE * $own),
                $this->along($hip, self::TRUNK),
            ],
            Posture::AllFours => [
                $hip->at(self::ANKLE * $own),
                $hip->toward($this->stance->facing, -self::SHANK * $own)->at(self::ANKLE * $own),
                $hip->toward($this->stance->facing, self::TRUNK * $own),
            ],
            Posture::Folded => [$this->bent($hip, $knee, $ankle), $ankle, $this->folded($hip)],
            default => [$this->bent($hip, $knee, $ankle), $ankle, $shoulder],
        };

        return ['side' => $side->value, 'hip' => $hip, 'knee' => $knee, 'ankle' => $ankle, 'shoulder' => $shoulder];
    }

    /** A knee as far ahead as the shank is too long for how low it is. */
    private function bent(Node $hip, Node $knee, Node $ankle): Node
    {
        $own = $this->stance->stature;
        $drop = max(0.0, $knee->height - $ankle->height);
        $ahead = sqrt(max(0.0, (self::SHANK * $own) ** 2 - $drop ** 2));

        return $hip
            ->between($ankle, 0.5)
            ->at($knee->height)
            ->toward($this->stance->facing, min($ahead, 0.5 * self::SHANK * $own));
    }

    /** A shoulder where the trunk leads toward a head that hangs. */
    private function folded(Node $hip): Node
    {
        $neck = Node::over($this->stance->head, $this->height(Joint::Neck->height(), true));
        $middle = Node::over($this->stance->feet->axis, $hip->height);
        $length = $middle->distanceTo($neck);
        $top = $middle->between($neck, $length < 1e-9 ? 0.0 : (self::TRUNK * $this->stance->stature) / $length);
        [$x, $y] = [$hip->x - $middle->x, $hip->y - $middle->y];

        return new Node($top->x + $x, $top->y + $y, $top->height);
    }

    /**
     * Where somebody who lies has a part of the body that is so far from the hips, toward the head above 0. Feet point
     * where the body faces.
     */
    private function along(Node $from, float $share): Node
    {
        return $from
            ->toward($this->stance->facing + 180, $share * $this->stance->stature)
            ->at(0.1 * $this->stance->stature);
    }

    private function toe(Side $side, bool $isOff): Node
    {
        $ankle = $this->ankles[$side->value];
        $tip = $ankle->toward($this->stance->facing, 0.75 * self::FOOT * $this->stance->stature);

        return $isOff ? $tip : $tip->at(0.0);
    }

    private function resting(Side $side, float $ahead, float $share): Node
    {
        $own = $this->stance->stature;
        $shoulder = $this->shoulders[$side->value];
        if ($this->stance->posture === Posture::Folded) {
            return $shoulder->at(
                max(
                    0.0,
                    $shoulder->height
                        - ($ahead === self::ELBOW[0] ? self::UPPER_ARM : self::UPPER_ARM + self::FOREARM) * $own,
                ),
            );
        }
        if ($this->stance->posture === Posture::AllFours) {
            return $shoulder->at(($ahead === self::ELBOW[0] ? 0.22 : 0.02) * $own);
        }

        return $shoulder
            ->toward($this->stance->facing, $ahead * $own)
            ->at($this->isLying() ? $shoulder->height + 0.5 * $ahead * $own : $this->height($share));
    }

    private function beside(Side $side, float $lateral): Node
    {
        $at = $this->stance->feet->axis->toward(
            $this->stance->facing + 90,
            $side->sign() * $lateral * $this->stance->stature,
        );

        return Node::over(new Point($at->x, $at->y), 0.0);
    }
}
