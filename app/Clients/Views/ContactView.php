<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Contact;

final readonly class ContactView
{
    private function __construct(
        public int $id,
        public string $name,
        public ?string $role,
        public ?string $phone,
        public ?string $email,
        public ?string $language,
        public bool $holdsKey,
        public ?string $canOperate,
        public ?string $lastConfirmedOn,
        public bool $isStale,
        public ?string $shown,
        public ?string $shownOn,
        public ?string $trainingOwed,
        public ?int $siteId,
        public string $stamp,
    ) {
    }

    public static function of(Contact $contact): self
    {
        return new self(
            id: $contact->id,
            name: $contact->name,
            role: $contact->role,
            phone: $contact->phone,
            email: $contact->email,
            language: $contact->language,
            holdsKey: $contact->holds_key,
            canOperate: $contact->can_operate,
            lastConfirmedOn: $contact->last_confirmed_on?->toDateString(),
            isStale: $contact->isStale(),
            shown: $contact->shown,
            shownOn: $contact->shown_on?->toDateString(),
            trainingOwed: $contact->training_owed,
            siteId: $contact->site_id,
            stamp: $contact->stamp(),
        );
    }
}
