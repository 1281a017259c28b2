<?php

declare(strict_types=1);

namespace Tests;

use App\JobFile\ShopKey;

/** Every route that wants somebody signed in, and what each role gets of it. */
final class GuardedRoutes
{
    /** Of 32 bytes, as a shop's is. */
    private const KEY = 'a2tra2tra2tra2tra2tra2tra2tra2tra2tra2tra2s=';

    /**
     * Every guarded route, with a body that does no harm, and what each role gets.
     *
     * @return iterable<string, array{string, string, array<string, mixed>, array{int, int, int, int}}> owner, mechanic, apprentice, counter
     */
    public static function guarded(): iterable
    {
        $all = static fn (int $status): array => [$status, $status, $status, $status];
        yield 'GET ping/signed-in' => ['GET', '/api/v1/ping/signed-in', [], $all(200)];
        yield 'GET session' => ['GET', '/api/v1/session', [], $all(200)];
        yield 'PATCH session' => ['PATCH', '/api/v1/session', ['units' => 'in'], $all(200)];
        yield 'DELETE session' => ['DELETE', '/api/v1/session', [], $all(204)];
        yield 'PUT session/password' => [
            'PUT',
            '/api/v1/session/password',
            ['present' => 'bearing', 'password' => 'needle and cage'],
            $all(204),
        ];
        yield 'PUT session/bench-code' => [
            'PUT',
            '/api/v1/session/bench-code',
            ['present' => 'bearing', 'code' => '2468'],
            $all(204),
        ];
        yield 'GET session/hands' => ['GET', '/api/v1/session/hands', [], $all(409)];
        yield 'POST session/hands' => ['POST', '/api/v1/session/hands', ['person' => 1, 'code' => '2468'], $all(409)];
        yield 'GET tablets' => ['GET', '/api/v1/tablets', [], [200, 403, 403, 403]];
        yield 'POST tablets' => ['POST', '/api/v1/tablets', ['name' => 'Left bench'], [201, 403, 403, 403]];
        yield 'DELETE tablets/{tablet}' => ['DELETE', '/api/v1/tablets/@tablet', [], [204, 403, 403, 403]];
        yield 'GET keys' => ['GET', '/api/v1/keys', [], [200, 403, 403, 403]];
        yield 'POST keys' => [
            'POST',
            '/api/v1/keys',
            ['key' => self::KEY, 'name' => 'Sound Works', 'fingerprint' => ShopKey::fingerprint(self::KEY)],
            [201, 403, 403, 403],
        ];
        yield 'DELETE keys/{key}' => ['DELETE', '/api/v1/keys/@key', [], [204, 403, 403, 403]];
        yield 'GET people' => ['GET', '/api/v1/people', [], $all(200)];
        yield 'POST people' => [
            'POST',
            '/api/v1/people',
            ['name' => 'Runa', 'email' => '@mail', 'role' => 'apprentice'],
            [201, 403, 403, 403],
        ];
        yield 'PATCH people/{person}' => ['PATCH', '/api/v1/people/@person', ['name' => 'Runa'], [200, 403, 403, 403]];
        yield 'POST people/{person}/left' => ['POST', '/api/v1/people/@person/left', [], [200, 403, 403, 403]];
        yield 'DELETE people/{person}/left' => ['DELETE', '/api/v1/people/@person/left', [], [200, 403, 403, 403]];
        yield 'POST people/{person}/code' => ['POST', '/api/v1/people/@person/code', [], [201, 403, 403, 403]];
        yield 'DELETE people/{person}/sessions' => ['DELETE', '/api/v1/people/@person/sessions', [], [204, 403, 403, 403]];
        yield 'POST time-code' => ['POST', '/api/v1/time-code', ['present' => 'bearing'], $all(201)];
        yield 'PUT time-code' => ['PUT', '/api/v1/time-code', ['code' => '123456'], $all(422)];
        yield 'DELETE time-code' => ['DELETE', '/api/v1/time-code', ['present' => 'bearing'], $all(204)];
        yield 'DELETE people/{person}/time-code' => ['DELETE', '/api/v1/people/@person/time-code', [], [204, 403, 403, 403]];
        yield 'GET tokens' => ['GET', '/api/v1/tokens', [], $all(200)];
        yield 'POST tokens' => ['POST', '/api/v1/tokens', ['name' => 'Scale', 'rights' => ['read'], 'days' => 30], $all(201)];
        yield 'DELETE tokens/{token}' => ['DELETE', '/api/v1/tokens/@token', [], $all(204)];
        yield 'DELETE people/{person}/name' => ['DELETE', '/api/v1/people/@person/name', [], [409, 403, 403, 403]];
        yield 'DELETE machines/{machine}/customer' => ['DELETE', '/api/v1/machines/@machine/customer', [], [200, 403, 403, 403]];
        yield 'GET log' => ['GET', '/api/v1/log', [], [200, 403, 403, 403]];
        yield 'GET jobs' => ['GET', '/api/v1/jobs', [], $all(200)];
        yield 'POST jobs' => [
            'POST',
            '/api/v1/jobs',
            ['machine_id' => '@machine', 'wheel' => 'Front wheel', 'pattern' => 'pair-sleeve', 'complaint' => 'Hums'],
            $all(201),
        ];
        yield 'POST jobs/several' => [
            'POST',
            '/api/v1/jobs/several',
            [
                'machine_id' => '@machine',
                'complaint' => 'Hums',
                'wheels' => [
                    ['wheel' => 'Front left', 'pattern' => 'knuckle-wide'],
                    ['wheel' => 'Front right', 'pattern' => 'knuckle-wide'],
                ],
            ],
            $all(201),
        ];
        yield 'GET shop' => ['GET', '/api/v1/shop', [], $all(200)];
        yield 'PATCH shop' => ['PATCH', '/api/v1/shop', ['habits' => ['heat' => 'warm']], [200, 403, 403, 403]];
        yield 'GET suppliers' => ['GET', '/api/v1/suppliers', [], $all(200)];
        yield 'POST suppliers' => ['POST', '/api/v1/suppliers', ['name' => 'Counter', 'carriage' => '3.50'], [201, 201, 403, 201]];
        yield 'POST suppliers/{supplier}/prices' => [
            'POST',
            '/api/v1/suppliers/@supplier/prices',
            ['list' => '@csv', 'keep' => true],
            [200, 200, 403, 200],
        ];
        yield 'GET jobs/{job}/shopping' => ['GET', '/api/v1/jobs/@job/shopping', [], $all(200)];
        yield 'POST jobs/{job}/orders' => ['POST', '/api/v1/jobs/@job/orders', ['way' => 'cheapest'], [409, 409, 403, 409]];
        yield 'GET orders' => ['GET', '/api/v1/orders', [], $all(200)];
        yield 'POST orders/{order}/received' => [
            'POST',
            '/api/v1/orders/@order/received',
            ['lines' => [['id' => '@line', 'received' => 1]]],
            $all(200),
        ];
        yield 'GET shelf' => ['GET', '/api/v1/shelf', [], $all(200)];
        yield 'POST shelf' => ['POST', '/api/v1/shelf', ['article' => '6204 2RS', 'count' => 4], $all(201)];
        yield 'POST shelf/{item}/taken' => ['POST', '/api/v1/shelf/@item/taken', ['pieces' => 1], $all(200)];
        yield 'GET quote' => ['GET', '/files/jobs/@job/quote.pdf', [], $all(200)];
        yield 'GET order as PDF' => ['GET', '/files/orders/@order/order.pdf', [], $all(200)];
        yield 'GET order as CSV' => ['GET', '/files/orders/@order/order.csv', [], $all(200)];
        yield 'GET patterns' => ['GET', '/api/v1/patterns', [], $all(200)];
        yield 'GET hub as SVG' => ['GET', '/files/jobs/@job/hub.svg', [], $all(200)];
        yield 'GET hub as DXF' => ['GET', '/files/jobs/@job/hub.dxf', [], $all(200)];
        yield 'GET jobs/{job}' => ['GET', '/api/v1/jobs/@job', [], $all(200)];
        yield 'POST jobs/{job}/preview' => [
            'POST',
            '/api/v1/jobs/@job/preview',
            ['drafts' => [['place' => 'size.over_faces', 'entry' => ['typed' => '104']]]],
            $all(200),
        ];
        yield 'GET jobs/{job}/records' => ['GET', '/api/v1/jobs/@job/records', [], $all(200)];
        yield 'POST jobs/{job}/records' => [
            'POST',
            '/api/v1/jobs/@job/records',
            ['id' => '@uuid', 'place' => 'size.over_faces', 'entry' => ['typed' => '104']],
            [201, 201, 201, 403],
        ];
        yield 'POST jobs/{job}/photos' => [
            'POST',
            '/api/v1/jobs/@job/photos',
            ['id' => '@uuid', 'photo' => '@photo'],
            [201, 201, 201, 403],
        ];
        yield 'POST jobs/{job}/recordings' => [
            'POST',
            '/api/v1/jobs/@job/recordings',
            ['id' => '@uuid', 'recording' => '@wave'],
            [201, 201, 201, 403],
        ];
        yield 'GET recordings/{recording}' => ['GET', '/api/v1/recordings/@recording', [], [200, 200, 200, 403]];
        yield 'DELETE recordings/{recording}' => ['DELETE', '/api/v1/recordings/@recording', [], [204, 204, 204, 403]];
        yield 'GET recording' => ['GET', '/files/recordings/@recording.wav', [], [200, 200, 200, 403]];
        yield 'POST jobs/{job}/signature' => ['POST', '/api/v1/jobs/@job/signature', [], [409, 409, 403, 403]];
        yield 'PATCH jobs/{job}' => ['PATCH', '/api/v1/jobs/@job', ['wheel' => 'Rear wheel'], $all(200)];
        yield 'POST jobs/{job}/closed' => ['POST', '/api/v1/jobs/@job/closed', ['reason' => 'Opened twice'], $all(200)];
        yield 'DELETE jobs/{job}/closed' => ['DELETE', '/api/v1/jobs/@job/closed', [], $all(200)];
        yield 'GET machines' => ['GET', '/api/v1/machines', [], $all(200)];
        yield 'POST machines' => ['POST', '/api/v1/machines', ['name' => 'Barrow'], $all(201)];
        yield 'POST machines/list' => [
            'POST',
            '/api/v1/machines/list',
            ['list' => '@machines', 'keep' => true],
            [200, 200, 403, 200],
        ];
        yield 'PUT machines/{machine}' => ['PUT', '/api/v1/machines/@machine', ['name' => 'Barrow'], $all(200)];
        yield 'GET machines/{machine}' => ['GET', '/api/v1/machines/@machine', [], $all(200)];
        yield 'GET tools' => ['GET', '/api/v1/tools', [], $all(200)];
        yield 'POST tools' => [
            'POST',
            '/api/v1/tools',
            ['name' => 'Cup', 'kind' => 'cup', 'outside_mm' => '46', 'length_mm' => '60'],
            [201, 201, 403, 403],
        ];
        yield 'POST tools/list' => ['POST', '/api/v1/tools/list', ['list' => '@tools', 'keep' => true], [200, 200, 403, 403]];
        yield 'POST tools/starter' => ['POST', '/api/v1/tools/starter', [], [200, 200, 403, 403]];
        yield 'GET tools/next' => ['GET', '/api/v1/tools/next', [], $all(200)];
        yield 'PUT tools/{tool}' => [
            'PUT',
            '/api/v1/tools/@tool',
            ['name' => 'Cup', 'kind' => 'cup', 'outside_mm' => '46', 'length_mm' => '60'],
            [200, 200, 403, 403],
        ];
        yield 'DELETE tools/{tool}' => ['DELETE', '/api/v1/tools/@tool', [], [204, 204, 403, 403]];
        yield 'GET tools as CSV' => ['GET', '/files/tools.csv', [], $all(200)];
        yield 'GET a piece to make as SVG' => ['GET', '/files/turned-piece.svg?outside=44&bore=30&length=60', [], $all(200)];
        yield 'GET jobs/{job}/seats/{seat}/trend' => ['GET', '/api/v1/jobs/@job/seats/left/trend', [], $all(200)];
        yield 'GET jobs/{job}/seats/{seat}/traces' => ['GET', '/api/v1/jobs/@job/seats/left/traces', [], $all(200)];
        yield 'GET jobs/{job}/seats/{seat}/live' => ['GET', '/api/v1/jobs/@job/seats/left/live', [], $all(204)];
        yield 'POST jobs/{job}/seats/{seat}/live' => [
            'POST',
            '/api/v1/jobs/@job/seats/left/live',
            ['kind' => 'good'],
            [201, 201, 201, 403],
        ];
        yield 'DELETE jobs/{job}/seats/{seat}/live' => ['DELETE', '/api/v1/jobs/@job/seats/left/live', [], [204, 204, 204, 403]];
        yield 'POST shop/along' => ['POST', '/api/v1/shop/along', [], [202, 403, 403, 403]];
        yield 'GET everything as a file' => ['GET', '/files/along/@along.zip', [], [200, 403, 403, 403]];
        yield 'GET errands/{errand}' => ['GET', '/api/v1/errands/@errand', [], $all(200)];
        yield 'POST jobs/{job}/traces' => [
            'POST',
            '/api/v1/jobs/@job/traces',
            ['id' => '@uuid', 'seat' => 'left', 'samples' => [[0, 0], [1, 100], [2, 200]]],
            [201, 201, 201, 403],
        ];
        yield 'GET trace as CSV' => ['GET', '/files/jobs/@job/trace-@trace.csv', [], $all(200)];
        yield 'GET calculators' => ['GET', '/api/v1/calculators', [], $all(200)];
        yield 'POST ask' => ['POST', '/api/v1/ask', ['text' => '6204'], $all(200)];
        yield 'POST calculators/{name}' => ['POST', '/api/v1/calculators/length', ['typed' => '1 in'], $all(200)];
        yield 'DELETE photos/{photo}' => ['DELETE', '/api/v1/photos/@photo_id', [], [204, 204, 204, 403]];
        yield 'GET photo' => ['GET', '/files/photos/@photo_id.jpg', [], $all(200)];
        yield 'GET sheet for the customer' => ['GET', '/files/jobs/@job/sheet.pdf', [], $all(200)];
        yield 'GET job as a file' => ['GET', '/files/jobs/@job/job.json', [], $all(200)];
        yield 'POST jobs/file' => ['POST', '/api/v1/jobs/file', ['file' => '@jobfile'], [201, 201, 403, 403]];
        yield 'POST jobs/{job}/addenda' => [
            'POST',
            '/api/v1/jobs/@job/addenda',
            ['id' => '@uuid', 'text' => 'Another word'],
            [409, 409, 409, 403],
        ];
        yield 'GET ahead' => ['GET', '/api/v1/ahead', [], $all(200)];
        yield 'DELETE ahead/{item}/settled' => ['DELETE', '/api/v1/ahead/@due/settled', [], [200, 200, 200, 403]];
        yield 'POST ahead/{item}/settled' => ['POST', '/api/v1/ahead/@due/settled', [], [200, 200, 200, 403]];
        yield 'GET bench-day' => ['GET', '/api/v1/bench-day', [], $all(200)];
        yield 'PUT bench-day' => ['PUT', '/api/v1/bench-day', ['jobs' => []], $all(200)];
        yield 'GET shop/calendar' => ['GET', '/api/v1/shop/calendar', [], [200, 403, 403, 403]];
        yield 'POST shop/calendar' => ['POST', '/api/v1/shop/calendar', [], [201, 403, 403, 403]];
        yield 'DELETE shop/calendar' => ['DELETE', '/api/v1/shop/calendar', [], [200, 403, 403, 403]];
        yield 'GET card' => ['GET', '/files/jobs/@job/card.pdf', [], $all(200)];
    }
}
