<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	let { project }: { project: Project } = $props();
</script>
{project.name}
