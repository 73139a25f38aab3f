<div data-said-line="{{ $form->line }}" aria-live="polite">
@if ($form->spoken)
    <p class="understood mb-2"><strong>{{ __('attacks.understood') }}</strong>
        @forelse ($form->spoken->understood as $part)<span
            class="tag">{{ $part['words'] }} → {{ $part['means'] }}</span>@empty{{ __('attacks.nothing-yet') }}@endforelse</p>
    @if ($form->spoken->unread !== [])
        <p class="understood mb-2"><strong>{{ __('attacks.not-understood') }}</strong>
            @foreach ($form->spoken->unread as $part)
                <span class="tag tag-critical">{{ $part['word'] }}{{ $part['nearest'] ? __('attacks.did-you-mean',
                    ['word' => $part['nearest']]) : '' }}</span>
            @endforeach</p>
    @endif
    @if ($form->spoken->kind === null)
        <p class="understood mb-2">
            <span class="tag tag-critical">{{ __('attacks.no-kind', ['kind' => say($form->kind->name())]) }}</span>
        </p>
    @endif
    @foreach ($form->spoken->refused as $refusal)<x-caution class="mb-2">{{ $refusal }}</x-caution>@endforeach
@endif
</div>
<div hx-get="{{ route('attacks.facets') }}" hx-trigger="change" hx-target="#facets" hx-include="closest form" hx-params="not _token,_method"
    hx-swap="innerHTML">
<x-field name="kind" class="mb-3" :label="__('attacks.kind')">
    <select @class(['form-select', 'is-invalid' => $errors->has('kind')]) id="kind" name="kind">
        @foreach ($form->kindsByFamily() as $family => $kinds)
            <optgroup label="{{ $family }}">
                @foreach ($kinds as $kind)
                    <option value="{{ $kind->id }}" @selected($kind->id === $form->kind->id)>{{ $kind->name() }}</option>
                @endforeach
            </optgroup>
        @endforeach
    </select>
</x-field>
<div class="facet-grid">
    @foreach ($form->facetOptions() as $facet => $options)
        <x-field :name="$facet" :label="ucfirst(__('attack.facets.'.$facet))">
            <x-select :name="$facet" :options="$options" :value="$form->facets[$facet]" :aria-describedby="$errors->has($facet) ?
                $facet.'-error' : null"/>
        </x-field>
    @endforeach
</div>
@foreach ($form->kind->cautions() as $caution)<x-caution class="mt-3 mb-0">{{ $caution }}</x-caution>@endforeach
</div>
