"use client";

import { BarChart } from "echarts/charts";
import { GridComponent, LegendComponent, TooltipComponent } from "echarts/components";
import * as echarts from "echarts/core";
import { SVGRenderer } from "echarts/renderers";
import { useEffect, useRef } from "react";

echarts.use([BarChart, GridComponent, LegendComponent, TooltipComponent, SVGRenderer]);

export interface ChartRow {
  readonly name: string;
  readonly planned: number;
  readonly actual: number;
}

const token = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(name).trim();
const ROW_PX = 34;

/** Planned (hollow) and actual (solid) minutes side by side; the same figures as a table for those who do not see it. */
export function PlannedActualChart({ rows, name }: { rows: readonly ChartRow[]; name: string }) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!box.current) return;
    const chart = echarts.init(box.current, null, { renderer: "svg" });
    const [ink, soft, elm, rule] = [token("--color-ink"), token("--color-soft"), token("--color-elm"), token("--color-rule")];
    const minutes = (value: unknown) => `${Number(value).toFixed(1)} min`;
    chart.setOption({
      animation: false,
      textStyle: { fontFamily: token("--font-text"), color: ink, fontSize: 14 },
      grid: { left: 8, right: 24, top: 34, bottom: 8, containLabel: true },
      legend: { top: 0, left: 0, data: ["planned", "actual"], textStyle: { color: ink, fontSize: 14 } },
      tooltip: { trigger: "axis", axisPointer: { type: "shadow" }, valueFormatter: minutes },
      xAxis: { type: "value", axisLabel: { color: soft, formatter: "{value} min" }, splitLine: { lineStyle: { color: rule } } },
      yAxis: {
        type: "category",
        inverse: true,
        data: rows.map((row) => row.name),
        axisTick: { show: false },
        axisLine: { lineStyle: { color: soft } },
        axisLabel: { color: ink, width: 190, overflow: "truncate" },
      },
      series: [
        { name: "planned", type: "bar", barWidth: 9, barGap: "20%", itemStyle: { color: "transparent", borderColor: elm, borderWidth: 1.5 }, data: rows.map((row) => Number(row.planned.toFixed(2))) },
        { name: "actual", type: "bar", barWidth: 9, itemStyle: { color: elm }, data: rows.map((row) => Number(row.actual.toFixed(2))) },
      ],
    });
    const resize = () => chart.resize();
    window.addEventListener("resize", resize);
    return () => {
      window.removeEventListener("resize", resize);
      chart.dispose();
    };
  }, [rows]);
  return (
    <>
      <div ref={box} aria-hidden style={{ height: rows.length * ROW_PX + 70 }} className="w-full" />
      <table className="sr-only">
        <caption>{name}</caption>
        <thead>
          <tr>
            <th>What</th>
            <th>Planned</th>
            <th>Actual</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.name}>
              <td>{row.name}</td>
              <td>{row.planned.toFixed(1)}</td>
              <td>{row.actual.toFixed(1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
