<x-layout :title="__('school.school')">
<x-heading :title="$school->name">
    <x-button size="sm" :href="route('settings')">{{ __('settings.title') }}</x-button>
    <x-button size="sm" :href="route('accounts.index')">{{ __('accounts.title') }}</x-button>
    <x-button size="sm" :href="route('log')">{{ __('log.title') }}</x-button>
    <x-button size="sm" :href="route('jobs.index')">{{ __('jobs.title') }}</x-button>
</x-heading>
<x-unreadable :rows="$unreadable"/>
<x-invalid/>
@include('school.ranks')
@include('school.ladder')
<h2 id="starters">{{ __('school.starters') }}</h2>
<p class="lead-line">{{ __('school.starters-lead') }}</p>
<div class="search-row">
    @foreach ($starters as $starter)<x-button :href="route('starters.show', $starter)">{{ $starter->title() }}</x-button>@endforeach
</div>
<h2 id="file">{{ __('school.file.title') }}</h2>
<p class="lead-line">{{ __('school.file.lead') }} <code>docs/file-format.md</code>.</p>
<div class="search-row">
    <x-button :href="route('export', 'yaml')">{{ __('school.file.export-yaml') }}</x-button>
    <x-button :href="route('export', 'json')">{{ __('school.file.export-json') }}</x-button>
    <x-button :href="route('export.zip')">{{ __('school.file.export-zip') }}</x-button>
</div>
<form method="post" action="{{ route('import.check') }}" enctype="multipart/form-data" class="slab search-row">
    @csrf
    <x-field name="file" id="catalogue" class="wide" :label="__('school.import-file')">
        <x-input name="file" id="catalogue" type="file" accept=".yaml,.yml,.json,.zip" required/>
    </x-field>
    <x-button kind="rust">{{ __('words.preview') }}</x-button>
</form>
</x-layout>
