<x-layout :title="__('account.factor.codes')">
<h1>{{ __('account.factor.codes') }}</h1>
<p class="lead-line">{{ __('account.factor.codes-lead') }}</p>
<ul class="slab recovery-codes">
    @foreach ($codes as $code)<li><code>{{ $code }}</code></li>@endforeach
</ul>
<x-button kind="rust" :href="route('account')">{{ __('account.factor.kept') }}</x-button>
</x-layout>
