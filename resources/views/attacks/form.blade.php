<x-wrong-fields/>
<div class="slab">
    <x-field name="title" label="Title" hint="As you would call it across the mat." class="mb-3">
        <input class="form-control @error('title') is-invalid @enderror" id="title" name="title" value="{{ $form->value('title') }}" maxlength="200" required aria-describedby="title-hint">
    </x-field>
    <div x-data="attackLine">
        <x-field name="line" label="Say it in one line, or choose below" hint="Both agree: the line fills the fields, the fields say the line." class="mb-3">
            <input class="form-control" id="line" name="line" value="{{ $form->line }}" autocomplete="off" spellcheck="false" maxlength="300" data-line aria-describedby="line-hint"
                   placeholder="right cross wrist grab from 2, thumb up, pulling, off-guard"
                   hx-get="{{ route('attacks.facets') }}" hx-trigger="input changed delay:200ms" hx-target="#facets" hx-params="line" hx-sync="this:queue last">
        </x-field>
        <div id="facets">@include('attacks.facets')</div>
    </div>
</div>
<div class="slab mt-3">
    <div class="facet-grid">
        <x-field name="needed_by" label="Needed by">
            <select class="form-select" id="needed_by" name="needed_by">
                @foreach ($form->ranks as $rank)<option value="{{ $rank->id }}" @selected($form->value('needed_by') === (string) $rank->id)>{{ $rank->name }}</option>@endforeach
                <option value="none" @selected($form->value('needed_by') === 'none')>no rank</option>
            </select>
        </x-field>
        <x-field name="needed_by_youth" label="Under 16">
            <select class="form-select" id="needed_by_youth" name="needed_by_youth">
                <option value="same" @selected($form->value('needed_by_youth') === 'same')>the same</option>
                @foreach ($form->ranks as $rank)<option value="{{ $rank->id }}" @selected($form->value('needed_by_youth') === (string) $rank->id)>{{ $rank->name }}</option>@endforeach
                <option value="none" @selected($form->value('needed_by_youth') === 'none')>not needed</option>
            </select>
        </x-field>
        <x-field name="prevalence" label="How often it is met">
            <select class="form-select" id="prevalence" name="prevalence">
                @foreach ([1 => '1, hardly ever', '2', '3, now and then', '4', '5, all the time'] as $value => $word)<option value="{{ $value }}" @selected($form->value('prevalence') === (string) $value)>{{ $word }}</option>@endforeach
            </select>
        </x-field>
        <div class="form-check align-self-end mb-2">
            <input type="hidden" name="critical" value="0">
            <input class="form-check-input" type="checkbox" name="critical" value="1" id="critical" @checked((bool) $form->value('critical'))>
            <label class="form-check-label" for="critical">A rank test fails with it</label>
        </div>
    </div>
    <x-field name="notes" label="Notes" hint="How the partner should attack, what to have ready." class="mt-3">
        <textarea class="form-control" id="notes" name="notes" rows="2" aria-describedby="notes-hint">{{ $form->value('notes') }}</textarea>
    </x-field>
</div>
