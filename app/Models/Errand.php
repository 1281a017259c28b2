<?php

declare(strict_types=1);

namespace App\Models;

use App\Errands\ErrandKind;
use App\Errands\ErrandState;
use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use stdClass;

/**
 * Something that takes longer than an answer may, done behind it and told to whoever asked for it.
 *
 * @property string $id made by whoever asked: the same id twice is one errand
 * @property int $shop_id
 * @property int $by_id
 * @property ErrandKind $kind
 * @property ErrandState $state
 * @property array<string, mixed> $how
 * @property int $done
 * @property int $of
 * @property ?stdClass $answer
 * @property ?array{status: int, detail: string, errors: list<array{field: string, detail: string}>} $problem
 * @property Carbon $asked_at
 * @property ?Carbon $ended_at
 * @property User $by
 */
final class Errand extends Model
{
    use BelongsToShop;
    use BootsByName;

    private const PIECE_BYTES = 1_000_000;

    /** All but the file. */
    public const SHEET = ['id', 'shop_id', 'by_id', 'kind', 'state', 'how', 'done', 'of', 'answer', 'problem', 'asked_at', 'ended_at'];

    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'errands';

    protected $keyType = 'string';

    protected $fillable = ['id', 'by_id', 'kind', 'state', 'given', 'how', 'done', 'of', 'answer', 'problem', 'asked_at', 'ended_at'];

    protected $hidden = ['given'];

    /** @return BelongsTo<User, $this> */
    public function by(): BelongsTo
    {
        return $this->belongsTo(User::class, 'by_id');
    }

    /** The file it is done with. */
    public function file(): string
    {
        return (string) stream_get_contents($this->stream(), offset: 0);
    }

    /**
     * The file it is done with, as a stream that can be sought in: from the store a piece at a time.
     *
     * @return resource
     */
    public function stream(): mixed
    {
        $stream = fopen('php://temp', 'w+b') ?: throw new RuntimeException('No room for the file of an errand.');
        $given = $this->getAttributes()['given'] ?? null;
        if (is_string($given)) {
            fwrite($stream, $given);

            return $stream;
        }
        $piece = 'select substring(given from ? for ?) as piece from errands where id = ?';
        for ($at = 1; ; $at += self::PIECE_BYTES) {
            $read = stream_get_contents(DB::selectOne($piece, [$at, self::PIECE_BYTES, $this->id])->piece);
            if ($read === false || $read === '') {
                return $stream;
            }
            fwrite($stream, $read);
        }
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => ErrandKind::class,
            'state' => ErrandState::class,
            'how' => 'array',
            'answer' => 'object',
            'problem' => 'array',
            'asked_at' => 'datetime',
            'ended_at' => 'datetime',
        ];
    }
}
