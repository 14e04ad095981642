/** An edge by its tool; its zone is named where there are several. */
export function edgeName(
  tool: { name: string; zones: readonly unknown[] },
  zone: { name: string },
): string {
  return tool.zones.length > 1 ? `${tool.name}, ${zone.name}` : tool.name;
}
