<?php

declare(strict_types=1);

namespace App\Control\Link;

use App\Control\Orders\OrderState;
use Velbrin\Core\Control\Programme\SetupSchema;

/** The description of the link, for the API's document (OpenAPI 3.1). */
final class LinkApi
{
    /** @return array<string, array<string, mixed>> by path */
    public static function paths(): array
    {
        return [
            '/link/hello' => ['post' => self::operation('link-hello', 'A device begins a run; its numbers count anew', [
                'required' => ['run'],
                'properties' => [
                    'run' => ['type' => 'string', 'maxLength' => 36, 'description' => 'another one each time the counter begins anew'],
                    'clockValid' => ['type' => 'boolean'],
                    'channels' => ['type' => 'array', 'items' => ['type' => 'object']],
                    'hash' => ['type' => 'string', 'description' => 'of the set-up it runs'],
                    'clock' => [
                        'type' => 'object',
                        'description' => 'of simulated devices: the moment they live in, and how fast it goes',
                        'properties' => ['epoch' => ['type' => 'number'], 'rate' => ['type' => 'number']],
                    ],
                ],
            ], ['everyS' => ['type' => 'integer']])],
            '/link/batches' => ['post' => self::operation('link-batches', 'Rows, each stored once under device, run and number', [
                'required' => ['schema', 'run', 'rows'],
                'properties' => [
                    'schema' => ['const' => 1],
                    'run' => ['type' => 'string', 'maxLength' => 36],
                    'boot' => ['type' => 'integer', 'minimum' => 0],
                    'sentUpMs' => ['type' => 'number'],
                    'sentAt' => ['type' => 'number', 'description' => 'seconds since 1970 by the device’s own clock'],
                    'rows' => ['type' => 'array', 'maxItems' => 1000, 'items' => self::row()],
                ],
            ], [
                'through' => ['type' => 'integer', 'description' => 'the highest number read; −1: none'],
                'stored' => ['type' => 'integer'],
                'repeated' => ['type' => 'integer'],
                'held' => self::objections('kept aside, with the reason'),
                'refused' => self::objections('not kept'),
                'orders' => ['type' => 'array', 'items' => self::orderRow()],
                'everyS' => ['type' => 'integer'],
            ])],
            '/link/programme' => ['get' => [
                'operationId' => 'link-programme',
                'summary' => 'The set-up it is to run; ETag is its hash',
                'security' => [['device' => []]],
                'responses' => [
                    200 => ['description' => 'A set-up, schema 1', 'content' => ['application/json' => ['schema' => SetupSchema::json()]]],
                    304 => ['description' => 'Unchanged'],
                    401 => ['description' => 'No device has this token'],
                    404 => ['description' => 'Nothing is set to work yet'],
                ],
            ]],
            '/link/orders/{order}' => ['post' => [
                'parameters' => [['name' => 'order', 'in' => 'path', 'required' => true, 'schema' => ['type' => 'integer']]],
                ...self::operation('link-order', 'What a device does with an order it was told of', [
                    'required' => ['answer'],
                    'properties' => [
                        'answer' => ['enum' => ['taken', 'refused', 'late']],
                        'why' => ['type' => ['string', 'null'], 'maxLength' => 200],
                    ],
                ], ['state' => [
                    'enum' => array_column(OrderState::cases(), 'value'),
                    'description' => 'where it stands now; late: drop it',
                ]]),
            ]],
            '/link/token' => ['post' => self::operation(
                'link-token',
                'A new token; the old one lives until the new one is used',
                ['properties' => (object) []],
                ['token' => ['type' => 'string']],
            )],
        ];
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array<string, mixed>  $answer
     * @return array<string, mixed>
     */
    private static function operation(string $id, string $summary, array $body, array $answer): array
    {
        return [
            'operationId' => $id,
            'summary' => $summary,
            'security' => [['device' => []]],
            'requestBody' => ['content' => ['application/json' => ['schema' => ['type' => 'object', ...$body]]]],
            'responses' => [
                200 => [
                    'description' => 'What is answered as stored is on the disk',
                    'content' => ['application/json' => ['schema' => [
                        'type' => 'object',
                        'required' => array_keys($answer),
                        'properties' => $answer,
                    ]]],
                ],
                401 => ['description' => 'No device has this token, or it was taken back'],
                413 => ['description' => 'More than 1000 rows, or than 256 KiB'],
                422 => ['description' => 'Not such a message at all; nothing of it was stored'],
                503 => ['description' => 'Not stored; send it again'],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function orderRow(): array
    {
        return [
            'type' => 'object',
            'description' => 'Under every lock, guard and longest time; it ends by itself. Answered under its number, or it comes again.',
            'required' => ['id', 'place', 'want', 'forS', 'ttlS', 'by', 'why'],
            'properties' => [
                'id' => ['type' => 'integer'],
                'place' => ['type' => 'string', 'description' => 'the outlet, by its name in the set-up'],
                'want' => ['type' => ['number', 'null'], 'description' => '0 to 1; null: end it, the rule speaks again'],
                'forS' => ['type' => 'integer'],
                'ttlS' => ['type' => 'integer', 'description' => 'begun later than this it is refused as late'],
                'by' => ['type' => 'string'],
                'why' => ['type' => 'string'],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function row(): array
    {
        return [
            'type' => 'object',
            'required' => ['seq', 'kind', 'id'],
            'additionalProperties' => false,
            'properties' => [
                'seq' => ['type' => 'integer', 'minimum' => 0],
                'boot' => ['type' => 'integer', 'minimum' => 0],
                'upMs' => ['type' => ['number', 'null']],
                'at' => ['type' => ['number', 'null']],
                'kind' => ['enum' => ['reading', 'outlet', 'event']],
                'id' => ['type' => 'string', 'maxLength' => 40],
                'value' => ['type' => ['number', 'null']],
                'level' => ['type' => ['number', 'null']],
                'on' => ['type' => ['boolean', 'null']],
                'watts' => ['type' => ['number', 'null']],
                'code' => ['type' => ['string', 'null'], 'maxLength' => 40],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function objections(string $what): array
    {
        return ['type' => 'array', 'description' => $what, 'items' => [
            'type' => 'object',
            'properties' => [
                'seq' => ['type' => ['integer', 'null']],
                'code' => ['type' => 'string'],
                'message' => ['type' => 'string'],
            ],
        ]];
    }
}
