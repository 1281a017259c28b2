<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Record;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Sourcing\CustomerWord;
use Illuminate\Support\Facades\DB;

/**
 * How a record goes into the store. What a customer said lies beside it, so that it can be erased one day; the record itself
 * holds a salted digest of it, which stays.
 */
final class RecordRow
{
    private const SALT_BYTES = 32;

    /** Writes it, unless its id is there already. */
    public static function write(Record $record): bool
    {
        [$row, $words] = self::of($record);
        if (DB::table('records')->insertOrIgnore($row) !== 1) {
            return false;
        }
        if ($words !== null) {
            DB::table('kept_words')->insert($words);
        }

        return true;
    }

    /**
     * Writes many, all of them new, in the order in which they are given.
     *
     * @param  list<Record>  $records
     */
    public static function writeAll(array $records): void
    {
        $rows = array_map(self::of(...), $records);
        DB::table('records')->insert(array_column($rows, 0));
        DB::table('kept_words')->insert(array_values(array_filter(array_column($rows, 1))));
    }

    /** @return array{array<string, mixed>, ?array<string, mixed>} the record, and the words beside it where there are any */
    private static function of(Record $record): array
    {
        $text = $record->value['text'] ?? null;
        if (! is_string($text) || ! in_array($record->place, [Places::COMPLAINT, ...CustomerWord::places()], true)) {
            return [$record->getAttributes(), null];
        }
        $salt = random_bytes(self::SALT_BYTES);
        $value = array_diff_key($record->value ?? [], ['text' => true]) + ['digest' => hash('sha256', $salt.$text)];

        return [
            ['value' => json_encode($value, JSON_THROW_ON_ERROR)] + $record->getAttributes(),
            [
                'record_id' => $record->id,
                'shop_id' => $record->shop_id,
                'job_id' => $record->job_id,
                'text' => $text,
                'salt' => DB::raw("'\\x".bin2hex($salt)."'"),
            ],
        ];
    }
}
