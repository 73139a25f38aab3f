<?php

declare(strict_types=1);

namespace App\Casts;

use App\Persistence\UnreadableValue;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Contracts\Database\Eloquent\ComparesCastableAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A JSON column of one shape: `texts`, `numbers` (whole ones), `amounts` (lists), `map`, `maps` (a list of maps).
 * Screens read what of a column has that shape, and never break on one that has another; {@see strict()} says so.
 *
 * @implements CastsAttributes<array<array-key, mixed>|null, array<array-key, mixed>|null>
 */
final readonly class Json implements CastsAttributes, ComparesCastableAttributes
{
    public const TEXTS = self::class.':texts';

    public const NUMBERS = self::class.':numbers';

    public const AMOUNTS = self::class.':amounts';

    public const MAP = self::class.':map';

    public const MAPS = self::class.':maps';

    public function __construct(private string $shape) {}

    /** @return array<array-key, mixed>|null */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        $decoded = is_string($value) ? json_decode($value, true) : $value;
        if ($decoded === null) {
            return $value === null ? null : [];
        }
        if (! is_array($decoded)) {
            return [];
        }

        return match ($this->shape) {
            'texts' => array_values(array_filter($decoded, is_string(...))),
            'numbers' => array_values(array_filter($decoded, is_int(...))),
            'amounts' => array_map(
                floatval(...),
                array_values(array_filter($decoded, static fn (mixed $one): bool => is_int($one) || is_float($one))),
            ),
            'maps' => array_values(array_filter($decoded, is_array(...))),
            default => $decoded,
        };
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        if ($value === [] && $this->shape === 'map') {
            return '{}';
        }

        return $value === null
            ? null
            : (string) json_encode(
                $value,
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
            );
    }

    public function compare(Model $model, string $key, mixed $firstValue, mixed $secondValue): bool
    {
        return json_decode((string) $firstValue, true) === json_decode((string) $secondValue, true);
    }

    /**
     * The same of a column of texts.
     *
     * @throws UnreadableValue when it cannot be read
     *
     * @return list<string>
     */
    public static function texts(Model $row, string $column): array
    {
        return array_values(array_map(strval(...), self::strict($row, $column)));
    }

    /**
     * The column of a row as it is stored.
     *
     * @throws UnreadableValue when it has another shape than its cast
     *
     * @return array<array-key, mixed>
     */
    public static function strict(Model $row, string $column): array
    {
        $value = $row->getAttributes()[$column] ?? null;
        $decoded = is_string($value) ? json_decode($value, true) : $value;
        $read = $row->getAttribute($column);
        if (! is_array($decoded) || $decoded !== $read) {
            throw UnreadableValue::unknown(
                $column,
                $value,
                __(
                    'unreadable.expected.'
                        .(str_ends_with((string) ($row->getCasts()[$column] ?? ''), ':map') ? 'map' : 'list'),
                ),
            );
        }

        return $read;
    }
}
