<div data-said-line="{{ $form->line }}" aria-live="polite">
    @if ($form->spoken)
        <p class="understood mb-2"><strong>Understood:</strong>
            @forelse ($form->spoken->understood as $part)<span class="tag">{{ $part['words'] }} → {{ $part['means'] }}</span>@empty nothing yet @endforelse</p>
        @if ($form->spoken->unread !== [])<p class="understood mb-2"><strong>Not understood:</strong> @foreach ($form->spoken->unread as $part)<span class="tag tag-critical">{{ $part['word'] }}@if ($part['nearest']), did you mean {{ $part['nearest'] }}?@endif</span>@endforeach</p>@endif
        @if ($form->spoken->kind === null)<p class="understood mb-2"><span class="tag tag-critical">No kind is named; the field below stays at {{ $form->kind->name }}.</span></p>@endif
        @foreach ($form->spoken->refused as $refusal)<p class="caution mb-2">{{ $refusal }}</p>@endforeach
    @endif
</div>
<div hx-get="{{ route('attacks.facets') }}" hx-trigger="change" hx-target="#facets" hx-include="closest form" hx-params="not _token,_method" hx-swap="innerHTML">
    <div class="mb-3">
        <label class="form-label" for="kind">Kind</label>
        <select class="form-select @error('kind') is-invalid @enderror" id="kind" name="kind">
            @foreach (collect($form->kinds->all())->groupBy(fn ($kind) => $kind->family->plural()) as $family => $kinds)
                <optgroup label="{{ $family }}">@foreach ($kinds as $kind)<option value="{{ $kind->id }}" @selected($kind->id === $form->kind->id)>{{ $kind->name }}</option>@endforeach</optgroup>
            @endforeach
        </select>
        @error('kind')<div class="invalid-feedback d-block">{{ $message }}</div>@enderror
    </div>
    <div class="facet-grid">
        @foreach (StoneDrill\Core\Attack\Facet::cases() as $facet)
            <x-field :name="$facet->value" :label="ucfirst($facet->value)">
                <select class="form-select @error($facet->value) is-invalid @enderror" id="{{ $facet->value }}" name="{{ $facet->value }}" @error($facet->value) aria-describedby="{{ $facet->value }}-error" @enderror>
                    @foreach ($form->allowed[$facet->value] as $value)<option value="{{ $value }}" @selected($form->facets[$facet->value] === $value)>{{ $value }}{{ $facet === StoneDrill\Core\Attack\Facet::Bearing ? ' o’clock' : '' }}</option>@endforeach
                </select>
            </x-field>
        @endforeach
    </div>
    @foreach ($form->kind->cautions as $caution)<p class="caution mt-3 mb-0">{{ $caution }}</p>@endforeach
</div>
